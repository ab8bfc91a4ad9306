#!/usr/bin/env bash
# Makes the voice that counts and calls: one clip for each line of words.txt, all in one file, and an index.
#   apt install espeak-ng sox; ops/voice/make-voice.sh
# words.txt is written by ./ulna docs from the figure book: key | word | the longest it may take in milliseconds.
# voice.ul: 16,000 samples a second, one channel, G.711 mu-law. voice.txt: key | first sample | samples.
set -euo pipefail
HERE=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
OUT="$HERE/../../formats/src/main/resources/ulnaawl/formats/sound"
RATE=16000
WORK=$(mktemp -d)
trap 'rm -rf "$WORK"' EXIT
command -v espeak-ng >/dev/null && command -v sox >/dev/null || {
  echo "espeak-ng and sox are needed (Debian: apt install espeak-ng sox)" >&2
  exit 2
}

said_as() { # key word: what espeak-ng gets
  awk -F ' *[|] *' -v key="$1" -v word="$2" '$1 == key { print $2; found = 1; exit } END { if (!found) print word }' \
    "$HERE/said-as.txt"
}

clip() { # text, longest milliseconds, file: as slow as fits
  local text=$1 most=$2 file=$3 speed samples
  for speed in 165 180 200 220 245 270 300 330 370 410 450; do
    espeak-ng -v en-gb -p 42 -a 160 -s "$speed" -w "$WORK/raw.wav" -- "$text" 2>/dev/null
    sox "$WORK/raw.wav" -r $RATE -c 1 -e signed -b 16 "$WORK/cut.wav" \
      silence 1 0.002 1% reverse silence 1 0.004 1.5% fade 0.006 reverse norm -2 fade 0.002 2>/dev/null
    samples=$(soxi -s "$WORK/cut.wav")
    if [ $((samples * 1000)) -le $((most * RATE)) ]; then break; fi
  done
  if [ $((samples * 1000)) -gt $((most * RATE)) ]; then
    # Still too long: a little faster, its pitch kept.
    sox "$WORK/cut.wav" "$WORK/fast.wav" tempo -s "$(awk -v s="$samples" -v m="$most" -v r=$RATE \
      'BEGIN { printf "%.3f", s * 1000 / (m * r) * 1.03 }')"
    sox "$WORK/fast.wav" "$WORK/cut.wav" trim 0 "$(awk -v m="$most" 'BEGIN { printf "%.4f", m / 1000 }')" \
      reverse fade 0.006 reverse
    speed="$speed and faster"
  fi
  sox "$WORK/cut.wav" -t raw -e mu-law -b 8 -r $RATE -c 1 "$file" 2>/dev/null
  echo "$text: $speed" >&2
}

: >"$WORK/voice.ul"
echo "# key | first sample | samples; made by ops/voice/make-voice.sh" >"$WORK/voice.txt"
start=0
while IFS='|' read -r key word most; do
  key=$(echo "$key" | sed 's/ *$//')
  word=$(echo "$word" | sed 's/^ *//; s/ *$//')
  case "$key" in '#'* | '') continue ;; esac
  clip "$(said_as "$key" "$word")" "$((most))" "$WORK/clip.ul" </dev/null
  samples=$(stat -c %s "$WORK/clip.ul")
  cat "$WORK/clip.ul" >>"$WORK/voice.ul"
  echo "$key | $start | $samples" >>"$WORK/voice.txt"
  start=$((start + samples))
done <"$OUT/words.txt"
mv "$WORK/voice.ul" "$WORK/voice.txt" "$OUT/"
