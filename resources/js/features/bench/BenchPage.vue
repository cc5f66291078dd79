<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useSay } from '@/i18n/useSay'
import Failed from '@/ui/Failed.vue'
import Waiting from '@/ui/Waiting.vue'
import { duration, length, weighed } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import BenchDrawing from './BenchDrawing.vue'
import BenchQueue from './BenchQueue.vue'
import BenchSteps from './BenchSteps.vue'
import BenchTabs from './BenchTabs.vue'
import ScalePanel from './ScalePanel.vue'
import { useBench } from './useBench'
import YieldBar from './YieldBar.vue'

// The cutter's screen: what waits, the piece in hand with its cuts, steps with their figures, the scale and the label.
const { t } = useI18n()
const say = useSay()
const units = useUnits()
const bench = useBench()
const order = computed(() => bench.order.value)
const typed = ref('')
const typedG = computed(() => (/^\d{1,6}$/.test(typed.value.trim()) ? Number(typed.value) : null))
const weigh = (sure = false) => {
  if (order.value === null) return
  const by = typedG.value === null ? {} : { typedG: typedG.value }
  bench.weigh.mutate({ of: order.value, when: bench.when.value, sure, ...by }, { onSuccess: () => (typed.value = '') })
}
const stepDone = () => {
  if (bench.next.value !== null) bench.toggle(bench.next.value)
  else if (bench.isOpen.value) bench.set('done')
}
const isWriting = (event: KeyboardEvent) => event.target instanceof Element && event.target.closest('input, textarea, button, a') !== null
const onKey = (key: string, run: () => void) =>
  onKeyStroke(key, (event) => {
    if (isWriting(event) || event.ctrlKey || event.metaKey || event.altKey) return
    event.preventDefault()
    run()
  })
onKey(' ', stepDone)
onKey('w', () => {
  if (bench.isOpen.value) weigh()
})
onKey('l', () => {
  if (order.value) bench.label.mutate(order.value)
})
</script>

<template>
  <div class="page">
    <BenchTabs />
    <h1 class="sr-only">{{ t('queue.title') }}</h1>
    <Failed v-if="bench.queue.isError.value" :problem="bench.queue.error.value?.message ?? ''" @again="bench.queue.refetch()" />
    <Waiting v-else-if="!bench.queue.data.value" :label="t('queue.loading')" :rows="6" />
    <div v-else class="bench">
      <BenchQueue
        :orders="bench.orders.value"
        :open="bench.queue.data.value.open"
        :work-s="bench.queue.data.value.work_s"
        :at="order?.id ?? null"
        :who="bench.who"
        @pick="bench.at.value = $event" />
      <section v-if="order" class="hand" :aria-label="order.cut_name">
        <header>
          <h2 data-testid="bench-piece">{{ order.cut_name }}</h2>
          <p>{{ [t(`method.${order.method}`), bench.who(order), duration(order.work.work_s)].filter(Boolean).join(' · ') }}</p>
          <b>{{
            order.pieces === null
              ? length(order.thickness_mm, units.units)
              : t('queue.pieces', { pieces: order.pieces, each: length(order.thickness_mm, units.units) })
          }}</b>
        </header>
        <div class="halves">
          <div class="work">
            <BenchDrawing
              v-if="order.work.sketch"
              :sketch="order.work.sketch"
              :units="units.units"
              :label="t('queue.drawing', { cut: order.cut_name })" />
            <BenchSteps
              :steps="order.work.steps"
              :done="order.steps_done"
              :next="bench.isOpen.value ? bench.next.value : null"
              :units="units.units"
              :locked="!bench.isOpen.value"
              @toggle="bench.toggle" />
          </div>
          <aside class="side">
            <ScalePanel :units="units.units" :stand-in="bench.queue.data.value.stand_ins" />
            <p v-if="order.before_g !== null" class="weights" data-testid="weights"
              ><span
                >{{ t('queue.before') }} <b>{{ weighed(order.before_g, units.units) }}</b></span
              ><span v-if="order.after_g !== null"
                >{{ t('queue.after') }} <b>{{ weighed(order.after_g, units.units) }}</b></span
              ></p
            >
            <YieldBar v-if="order.expected" :expected="order.expected" :is-pct="order.yield_pct" />
            <p v-if="bench.problem.value" class="wrong" role="alert" data-testid="bench-problem">{{ bench.problem.value }}</p>
            <button v-if="bench.isOdd.value" type="button" class="plain" data-testid="sure" @click="weigh(true)">{{
              t('queue.sure')
            }}</button>
            <p v-if="bench.printed.value !== null" class="printed" role="status" data-testid="printed">{{
              t('queue.printed', { number: bench.printed.value })
            }}</p>
            <p v-for="each in order.work.offcuts" :key="each.key" class="note">{{ say(each, units.units) }}</p>
            <div v-if="order.work.hazards.length" class="hazards">
              <p v-for="each in order.work.hazards" :key="each.key">{{ say(each, units.units) }}</p>
            </div>
          </aside>
        </div>
        <footer>
          <button v-if="bench.isOpen.value" type="button" class="strong" data-testid="step-done" @click="stepDone">
            {{ t(bench.next.value === null ? 'queue.finish' : 'queue.stepDone') }} <kbd>{{ t('queue.space') }}</kbd>
          </button>
          <template v-if="bench.isOpen.value">
            <button type="button" class="plain" :disabled="bench.weigh.isPending.value" data-testid="weigh" @click="weigh()"
              >{{ t(`queue.weigh.${bench.when.value}`) }} <kbd>W</kbd></button
            >
            <label class="typed"
              >{{ t('queue.typed') }} <InputText v-model="typed" inputmode="numeric" autocomplete="off" data-testid="typed-g" /> g</label
            >
          </template>
          <button type="button" class="plain" data-testid="print" :disabled="bench.label.isPending.value" @click="bench.label.mutate(order)"
            >{{ t('queue.label') }} <kbd>L</kbd></button
          >
          <template v-if="bench.isOpen.value">
            <button v-if="order.state === 'taken'" type="button" class="plain" @click="bench.set('waiting')">{{
              t('queue.putBack')
            }}</button>
            <button type="button" class="plain" data-testid="call-off" @click="bench.set('called_off')">{{ t('queue.callOff') }}</button>
          </template>
        </footer>
      </section>
      <section v-else class="none"
        ><p data-testid="bench-empty">{{ t('queue.empty') }}</p></section
      >
    </div>
  </div>
</template>

<style scoped>
.page {
  height: 100%;
  display: flex;
  flex-direction: column;
}
.bench {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr);
}
.hand {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  background: var(--paper);
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  padding: 10px 18px 6px;
  border-bottom: 2px solid var(--ink);
}
header h2 {
  font-size: 30px;
}
header p {
  margin: 0;
  color: var(--soft);
}
header b {
  margin-left: auto;
  font: 700 21px/1.2 var(--figures);
}
.halves {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 296px;
  gap: 18px;
  padding: 6px 18px 12px;
}
.side {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.weights {
  margin: 0;
  display: flex;
  gap: 18px;
  font-size: 15px;
}
.weights b {
  font: 700 21px/1.2 var(--figures);
}
.hazards {
  background: var(--mustard-wash);
  border-left: 5px solid var(--mustard);
  padding: 8px 12px;
}
.hazards p,
.note,
.printed {
  margin: 0;
  line-height: 1.35;
}
.note {
  color: var(--soft);
  font-size: 14px;
}
.printed {
  background: var(--bay-wash);
  border-left: 5px solid var(--bay);
  padding: 8px 12px;
}
footer {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding: 10px 12px 10px 18px;
  border-top: 1px solid var(--line);
}
.plain,
.strong {
  padding: 0 11px;
  font-size: 17px;
  gap: 7px;
}
.typed {
  margin: 0;
  font: 500 15px/1 var(--text);
  color: var(--ink);
}
.typed :deep(input) {
  width: 70px;
  height: 46px;
  text-align: right;
  font: 700 18px var(--figures);
}
.none {
  padding: 30px;
  font-size: 17px;
}
@media (max-width: 900px) {
  .bench,
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .halves {
    padding: 6px 12px 12px;
  }
}
</style>
