import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useBeat } from '@/composables/useBeat'
import { countsOf, momentAt } from '@/domain/beat'

export type Answer = 'CLEAN' | 'SHAKY' | 'LOST'
const USUAL_SECTION = 8

/**
 * A run-through that is being danced: the walls that are chosen, the speed one stands on, the beat,
 * and the answers that lead to the next speed; each is told, with the speed that was reached by then.
 */
export function useRunThrough(
  data: Ref<Schemas['RunThroughView'] | undefined>,
  dance: Ref<number>,
  group: Ref<number | undefined>,
  answered?: (how: Answer, percent: number) => void,
) {
  const beat = useBeat()
  const rung = ref(0)
  const from = ref(1)
  const length = ref(1)
  /** The rung has been danced and waits for an answer. */
  const asking = ref(false)
  const finished = ref(false)
  const suggestion = ref('')
  /** The answers since a rung was last chosen by hand, and that rung. */
  const answers = ref<Answer[]>([])
  const began = ref(0)
  /** The fastest rung that was danced clean, in percent. */
  const clean = ref<number>()
  /** An answer is on its way to the server. */
  const following = ref(false)

  const now = computed(() => data.value?.ladder[rung.value])
  const walls = computed(() => data.value?.walls.slice(from.value - 1, from.value - 1 + length.value) ?? [])
  const countIn = computed(() => data.value?.sectionCounts ?? USUAL_SECTION)
  const moment = computed(() =>
    walls.value.length ? momentAt(walls.value, beat.counts.value, countIn.value, countIn.value) : undefined,
  )

  async function play() {
    if (!now.value || walls.value.length === 0) return
    asking.value = false
    finished.value = false
    const all = countIn.value + countsOf(walls.value)
    await beat.start(now.value.secondsPerCount, all, countIn.value, () => (asking.value = true))
  }

  /** A rung chosen by hand: the answers before it count no more. */
  function go(to: number) {
    stand(to)
    began.value = rung.value
    answers.value = []
    suggestion.value = ''
  }

  function rest() {
    beat.stop()
    beat.counts.value = 0
    asking.value = false
  }

  function stand(on: number) {
    const last = (data.value?.ladder.length ?? 1) - 1
    rung.value = Math.max(0, Math.min(last, on))
    rest()
  }

  /** The next rung follows from all answers; without an answer from the server the rung stays. */
  async function answer(how: Answer) {
    if (!asking.value || following.value) return
    following.value = true
    answers.value = [...answers.value, how]
    const danced = now.value?.percent ?? 0
    if (how === 'CLEAN') clean.value = Math.max(clean.value ?? 0, danced)
    answered?.(how, clean.value ?? danced)
    let next = rung.value
    try {
      const step = await ask(
        api.GET('/api/dances/{id}/run-through/next', {
          params: {
            path: { id: dance.value },
            query: { group: group.value, from: began.value, answers: answers.value },
          },
          querySerializer: { array: { style: 'form', explode: false } },
        }),
      )
      next = step.rung
      suggestion.value = step.suggestion?.text ?? ''
      finished.value = step.done
    } catch {
      suggestion.value = 'The server does not answer: choose the next speed yourself.'
    }
    following.value = false
    stand(next)
    if (!finished.value && !suggestion.value) void play()
  }

  watch([from, length], rest)

  return {
    beat,
    rung,
    from,
    length,
    asking,
    finished,
    suggestion,
    moment,
    now,
    play,
    pause: beat.stop,
    go,
    answer,
  }
}
