<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core'
import { LineChart } from 'echarts/charts'
import { AriaComponent, GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { init, use, type EChartsType } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import { useTheme } from '@/composables/useTheme'
import { day } from '@/domain/time'

/** Dances by their stage, piled up, and the figures that were met, week by week. */
const props = defineProps<{ weeks: Schemas['WeekView'][] }>()
use([LineChart, GridComponent, LegendComponent, TooltipComponent, AriaComponent, SVGRenderer])
const { theme } = useTheme()
const place = ref<HTMLElement>()
let chart: EChartsType | undefined

/** From what is certain at the bottom to what fades at the top. */
const STAGES: {
  stage: 'known' | 'practised' | 'taught' | 'started' | 'rusty'
  colour: string
  dash: 'solid' | 'dashed' | 'dotted'
}[] = [
  { stage: 'known', colour: '--left-foot', dash: 'solid' },
  { stage: 'practised', colour: '--accent', dash: 'solid' },
  { stage: 'taught', colour: '--notice', dash: 'solid' },
  { stage: 'started', colour: '--text-soft', dash: 'dashed' },
  { stage: 'rusty', colour: '--right-foot', dash: 'dotted' },
]

function draw() {
  const style = getComputedStyle(document.documentElement)
  const of = (name: string) => style.getPropertyValue(name).trim()
  const text = { color: of('--text-soft'), fontFamily: of('--type'), fontSize: 13 }
  const axis = { axisLabel: text, nameTextStyle: text, axisLine: { lineStyle: { color: of('--line') } } }
  const splitLine = { lineStyle: { color: of('--line') } }
  chart?.setOption(
    {
      animation: false,
      aria: { enabled: true },
      textStyle: text,
      legend: { textStyle: text, top: 0 },
      tooltip: {
        trigger: 'axis',
        // Drawn, not laid over the page: the policy lets nothing style itself.
        renderMode: 'richText',
        confine: true,
        backgroundColor: of('--surface'),
        textStyle: { ...text, color: of('--text') },
      },
      grid: { left: 36, right: 40, top: 44, bottom: 28 },
      xAxis: {
        type: 'category',
        boundaryGap: false,
        data: props.weeks.map((week) => day(week.end)),
        ...axis,
      },
      yAxis: [
        { type: 'value', name: 'dances', minInterval: 1, ...axis, splitLine },
        { type: 'value', name: 'figures', minInterval: 1, ...axis, splitLine: { show: false } },
      ],
      series: [
        ...STAGES.map(({ stage, colour, dash }) => ({
          name: stage,
          type: 'line' as const,
          stack: 'dances',
          symbol: 'none',
          lineStyle: { color: of(colour), type: dash, width: 2 },
          itemStyle: { color: of(colour) },
          areaStyle: { color: of(colour), opacity: 0.28 },
          data: props.weeks.map((week) => week[stage]),
        })),
        {
          name: 'figures met',
          type: 'line' as const,
          yAxisIndex: 1,
          symbol: 'circle',
          symbolSize: 5,
          lineStyle: { color: of('--text'), width: 2 },
          itemStyle: { color: of('--text') },
          data: props.weeks.map((week) => week.figures),
        },
      ],
    },
    true,
  )
}

onMounted(() => {
  if (!place.value) return
  chart = init(place.value, undefined, { renderer: 'svg' })
  draw()
})
useResizeObserver(place, () => chart?.resize())
watch([() => props.weeks, theme], draw, { flush: 'post' })
onBeforeUnmount(() => chart?.dispose())
</script>

<template>
  <div ref="place" class="chart" role="img" aria-label="Dances by stage and figures met, week by week" />
</template>

<style scoped>
/* As wide as it has room for, also while it still has the width from before. */
.chart {
  height: 300px;
  min-width: 0;
  overflow: hidden;
}
/* What is drawn over the chart has no letters of its own choice. */
.chart :deep(text) {
  font-family: var(--type) !important;
}
</style>
