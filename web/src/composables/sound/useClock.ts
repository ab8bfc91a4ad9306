import { computed, inject, provide, ref, type ComputedRef, type InjectionKey, type Ref } from 'vue'
import { shownFacing, shownFoot, type ClockView, type ShownFacing } from '@/domain/clock-view'
import { useChoice } from '@/composables/page/useChoice'

const CHOSEN: InjectionKey<Ref<ClockView>> = Symbol('clock view')
let remembered: Ref<ClockView> | undefined

/** For a page with the switch: everything on it shows facings as chosen. One choice for all pages. */
export function provideClock(): Ref<ClockView> {
  remembered = remembered ?? useChoice<ClockView>('clock', 'room')
  provide(CHOSEN, remembered)
  return remembered
}

/**
 * The same for a page on which one looks into the hall, where no wall begins at 12: it shows the
 * room instead, and what was chosen elsewhere stays.
 */
export function provideHallClock(): Ref<ClockView> {
  const chosen = provideClock()
  const shown = computed({
    get: () => (chosen.value === 'wall' ? 'room' : chosen.value),
    set: (now) => (chosen.value = now),
  })
  provide(CHOSEN, shown)
  return shown
}

export interface Clock {
  view: ComputedRef<ClockView>
  show: (facing: number, start?: number) => ShownFacing
  label: (facing: number, start?: number) => string
  foot: (foot: string | undefined) => string | undefined
}

/** How facings are shown here; without a switch on the page by the room clock. */
export function useClock(): Clock {
  return clockOf(inject(CHOSEN, ref('room')))
}

/** The same for the page itself, which provides what it cannot inject. */
export function clockOf(chosen: Ref<ClockView>): Clock {
  const show = (facing: number, start = 0) => shownFacing(facing, start, chosen.value)
  return {
    view: computed(() => chosen.value),
    show,
    label: (facing, start = 0) => show(facing, start).label,
    foot: (foot) => shownFoot(foot, chosen.value),
  }
}
