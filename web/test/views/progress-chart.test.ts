import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import ProgressChart from '@/views/groups/ProgressChart.vue'

const week = (end: string, known: number) => ({
  end,
  known,
  practised: 1,
  taught: 0,
  started: 0,
  rusty: 0,
  figures: known * 3,
})

describe('the chart of a group', () => {
  it('says its last week, and others by keys', async () => {
    const chart = mount(ProgressChart, {
      props: { weeks: [week('2026-11-15', 1), week('2026-11-22', 2), week('2026-11-29', 4)] },
    })
    const slider = chart.get('[role=slider]')
    expect(slider.attributes('aria-valuetext')).toBe('Sun 29 Nov: 4 known, 1 practised, 12 figures met')
    await slider.trigger('keydown', { key: 'ArrowLeft' })
    expect(chart.get('.read').text()).toBe('Sun 22 Nov: 2 known, 1 practised, 6 figures met')
    await slider.trigger('keydown', { key: 'Home' })
    await slider.trigger('keydown', { key: 'ArrowLeft' })
    expect(slider.attributes('aria-valuenow')).toBe('1')
    await chart.setProps({ weeks: [week('2026-11-29', 4), week('2026-12-06', 5)] })
    expect(slider.attributes('aria-valuetext')).toContain('5 known')
  })

  it('draws a layer for each stage, and says nothing of stages that no dance is in', () => {
    const chart = mount(ProgressChart, { props: { weeks: [week('2026-11-15', 1), week('2026-11-22', 2)] } })
    expect(chart.findAll('path.area')).toHaveLength(5)
    expect(chart.findAll('.point').length).toBe(3)
    expect(chart.get('.read').text()).not.toContain('rusty')
  })
})
