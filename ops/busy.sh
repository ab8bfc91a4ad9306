#!/usr/bin/env bash
# Runs a command while N loops keep the processors busy, as other work on the same machine does:
#   ops/busy.sh 4 ./ulna test
set -euo pipefail
loops=${1:-}
[[ "$loops" =~ ^[0-9]{1,2}$ ]] && [ $# -ge 2 ] || { echo "busy.sh: how many loops, then a command" >&2; exit 2; }
shift
ids=()
end() { kill "${ids[@]}" 2>/dev/null || true; }
trap end EXIT
for ((i = 0; i < loops; i++)); do
  (while :; do :; done) &
  ids+=($!)
done
"$@"
