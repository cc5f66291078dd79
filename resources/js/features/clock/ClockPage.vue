<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import PickOne from '@/ui/PickOne.vue'
import { moment } from '@/units/clock'
import { duration } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import { useClock } from './useClock'

// A meal like a score: time runs down, a column for each thing that can be busy, and at the bottom everybody eats.
type Task = Schemas['ClockTask']
const COLUMNS = ['hands', 'burner', 'oven', 'grill', 'other'] as const
/** What is done longer before is a list, not a column. */
const EVENING_MIN = 170
/** So high is the sheet, or as much as the shortest task needs to be read, px. */
const SHEET_PX = 590
const LEAST_A_MIN_PX = 4.2
const LEAST_PX = 16
const ONE_LINE_PX = 40
const SOON_MIN = 12 * 60
const { t, locale } = useI18n()
const say = useSay()
const units = useUnits()
const meal = useClock()
const of = computed(() => meal.clock.data.value ?? null)
const ends = computed(() => (of.value ? new Date(of.value.fits || !of.value.ready_at ? of.value.eat_at : of.value.ready_at).getTime() : 0))
const minutesBefore = (iso: string) => (ends.value - new Date(iso).getTime()) / 60_000
const evening = computed(() => (of.value?.tasks ?? []).filter((task) => minutesBefore(task.to_at) < EVENING_MIN))
const early = computed(() => (of.value?.tasks ?? []).filter((task) => minutesBefore(task.to_at) >= EVENING_MIN))
const longest = computed(() => Math.min(EVENING_MIN, Math.max(30, ...evening.value.map((task) => minutesBefore(task.from_at)))))
const px = computed(() => Math.max(LEAST_A_MIN_PX, SHEET_PX / longest.value))
const height = computed(() => longest.value * px.value)
const inColumn = (task: Task, column: (typeof COLUMNS)[number]) =>
  column === 'other' ? !task.stations.some((each) => ['hands', 'burner', 'oven', 'grill'].includes(each)) : task.stations.includes(column)
const columns = computed(() => COLUMNS.filter((column) => column === 'hands' || evening.value.some((task) => inColumn(task, column))))
/** Tasks of a column that are there at once stand side by side. */
const laid = (column: (typeof COLUMNS)[number]) => {
  const lanes: number[] = []
  const placed = evening.value
    .filter((task) => inColumn(task, column))
    .map((task) => {
      const from = longest.value - Math.min(longest.value, minutesBefore(task.from_at))
      const until = longest.value - minutesBefore(task.to_at)
      const lane = lanes.findIndex((end) => end <= from + 0.01)
      const at = lane === -1 ? lanes.push(0) - 1 : lane
      lanes[at] = Math.max(until, from + LEAST_PX / px.value)
      return { task, from, until, lane: at }
    })
  return placed.map((each) => ({
    ...each,
    isShort: (each.until - each.from) * px.value < ONE_LINE_PX,
    style: {
      top: `${each.from * px.value}px`,
      height: `${Math.max(LEAST_PX, (each.until - each.from) * px.value - 2)}px`,
      left: `${(100 * each.lane) / lanes.length}%`,
      width: `calc(${100 / lanes.length}% - 3px)`,
    },
  }))
}
const marks = computed(() => {
  const first = new Date(ends.value - longest.value * 60_000)
  const step = 10
  const offset = (step - (first.getMinutes() % step)) % step
  return Array.from({ length: Math.floor((longest.value - offset) / step) + 1 }, (_, i) => offset + i * step)
    .filter((min) => longest.value - min > 4)
    .map((min) => ({ top: min * px.value, clock: at(new Date(first.getTime() + min * 60_000).toISOString()) }))
})
const at = (iso: string) => moment(iso, locale.value, { timeStyle: 'short' })
const next = computed(() => (of.value?.tasks ?? []).find((task) => new Date(task.from_at).getTime() > Date.now()) ?? null)
const hangs = computed(() => (of.value?.tasks ?? []).filter((task) => task.hangs))
const letters = computed(() => [...meal.names.value, ...(of.value?.sides ?? []).map((side) => side.name)])
const nameOf = (letter: string) => letters.value[letter.charCodeAt(0) - 65] ?? letter
/** What is dragged, and how far it is by now. */
const drag = ref<{ id: string; fromY: number; byPx: number } | null>(null)
const grab = (task: Task, event: PointerEvent) => {
  drag.value = { id: task.id, fromY: event.clientY, byPx: 0 }
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
}
const pull = (event: PointerEvent) => {
  if (drag.value) drag.value.byPx = event.clientY - drag.value.fromY
}
const drop = (task: Task) => {
  const minutes = Math.round((drag.value?.byPx ?? 0) / px.value)
  drag.value = null
  if (minutes !== 0) meal.hold(task, minutes)
}
const taskName = (id: string) => {
  const task = (of.value?.tasks ?? []).find((each) => each.id === id)
  return task ? `${task.dish} ${say(task.what, units.units)}` : nameOf(id.split('-')[0] ?? '')
}
const held = computed(() => Object.entries(meal.set.value.held).map(([id, from]) => ({ id, says: `${at(from)} ${taskName(id)}` })))
const KEY_MIN = 5
const FIRES = ['burner', 'oven', 'grill'] as const
const KITCHEN = ['cooks', 'burners', 'shelves', 'grill_places'] as const
const change = (key: (typeof KITCHEN)[number], by: number) => {
  meal.set.value[key] = Math.min(8, Math.max(key === 'cooks' ? 1 : 0, meal.set.value[key] + by))
}
</script>

<template>
  <div class="page">
    <header>
      <h1 data-testid="clock-eat">{{ of ? t('clock.eatAt', { clock: at(of.eat_at) }) : t('clock.title') }}</h1>
      <template v-if="of">
        <button type="button" class="plain" data-testid="sooner" @click="meal.move(-15)">−15</button>
        <button type="button" class="plain" data-testid="later" @click="meal.move(15)">+15</button>
        <p v-if="of.fits" class="fits" role="status" data-testid="clock-fits">{{
          (of.spare_min ?? 0) > SOON_MIN
            ? t('clock.fitsLater', {
                begin: moment(of.begins_at ?? of.eat_at, locale, { weekday: 'long', hour: 'numeric', minute: '2-digit' }),
              })
            : t('clock.fits', { begin: at(of.begins_at ?? of.eat_at), spare: duration(60 * (of.spare_min ?? 0)) })
        }}</p>
        <p v-else class="not" role="alert" data-testid="clock-not"
          ><b v-if="of.cannot_hold.length">{{ t('clock.heldBreaks', { list: held.map((each) => each.says).join(', ') }) }}</b>
          <b v-else-if="of.waits.length">{{ t('clock.waits', { list: of.waits.map(taskName).join(', ') }) }}</b>
          <b v-else>{{ of.ready_at ? t('clock.notBefore', { clock: at(of.ready_at) }) : t('clock.never') }}</b>
          <template v-if="of.helps.length">
            {{ t('clock.helps', { list: of.helps.map((each) => t(`clock.help.${each}`)).join(', ') }) }}</template
          >
          <template v-if="of.without.length"> {{ t('clock.without', { list: of.without.map(nameOf).join(', ') }) }}</template></p
        >
        <button type="button" class="plain calendar" data-testid="calendar" @click="meal.save()">{{ t('clock.calendar') }}</button>
        <button type="button" class="plain" data-testid="late" @click="meal.late(15)">{{ t('clock.late') }}</button>
      </template>
    </header>
    <p v-if="meal.problem.value" class="wrong" role="alert" data-testid="clock-wrong">{{ meal.problem.value }}</p>
    <p v-if="meal.dishes.value.length === 0" class="empty" data-testid="clock-empty">{{ t('clock.empty') }}</p>
    <div v-else class="halves">
      <section class="score" :aria-label="t('clock.title')" :aria-busy="meal.clock.isFetching.value" data-testid="clock">
        <div v-if="early.length" class="early">
          <h2>{{ t('clock.before') }}</h2>
          <p v-for="task in early" :key="task.id"
            ><b>{{ moment(task.from_at, locale, { weekday: 'short', hour: 'numeric', minute: '2-digit' }) }}</b>
            {{ say(task.what, units.units) }}</p
          >
        </div>
        <p id="moves" class="sr-only">{{ t('clock.moves') }}</p>
        <div v-if="of" class="sheet" :style="{ '--columns': String(columns.length) }">
          <div class="heads"
            ><span></span><b v-for="column in columns" :key="column">{{ t(`clock.column.${column}`) }}</b></div
          >
          <div class="lines" :style="{ height: `${height + 34}px` }">
            <div class="times"
              ><span v-for="mark in marks" :key="mark.top" :style="{ top: `${mark.top - 10}px` }">{{ mark.clock }}</span
              ><span class="eat" :style="{ top: `${height - 10}px` }">{{ at(new Date(ends).toISOString()) }}</span></div
            >
            <div v-for="column in columns" :key="column" class="column">
              <div
                v-for="each in laid(column)"
                :key="each.task.id"
                class="task"
                :class="[`d${each.task.dish}`, { hangs: each.task.hangs, short: each.isShort, held: each.task.id in meal.set.value.held }]"
                role="button"
                tabindex="0"
                aria-describedby="moves"
                :style="[each.style, drag?.id === each.task.id ? { transform: `translateY(${drag.byPx}px)`, zIndex: 2 } : {}]"
                :title="`${at(each.task.from_at)}–${at(each.task.to_at)} ${say(each.task.what, units.units)}`"
                :data-testid="`task-${each.task.id}`"
                @pointerdown="grab(each.task, $event)"
                @pointermove="pull"
                @pointerup="drop(each.task)"
                @pointercancel="drag = null"
                @keydown.up.prevent="meal.hold(each.task, -KEY_MIN)"
                @keydown.down.prevent="meal.hold(each.task, KEY_MIN)">
                <b>{{ each.task.dish }}</b> {{ say(each.task.what, units.units) }} <small>{{ duration(60 * each.task.minutes) }}</small>
              </div>
            </div>
            <p class="eating" :style="{ top: `${height}px` }">{{ t('clock.eating') }}</p>
          </div>
        </div>
      </section>
      <aside>
        <section v-if="next" class="box" data-testid="clock-next">
          <h2>{{ t('clock.next') }}</h2>
          <p class="big">{{ at(next.from_at) }} {{ say(next.what, units.units) }}</p>
        </section>
        <section v-if="of?.fire_out.length" class="box" role="alert" data-testid="fire-out">
          <h2>{{ t('clock.fireOut') }}</h2>
          <p v-for="(each, i) in of.fire_out" :key="i">{{ say(each, units.units) }}</p>
        </section>
        <section v-if="held.length" class="box" data-testid="held">
          <h2>{{ t('clock.held') }}</h2>
          <p v-for="each in held" :key="each.id" class="side"
            >{{ each.says
            }}<button
              type="button"
              :aria-label="t('clock.letGo', { name: each.says })"
              :data-testid="`let-go-${each.id}`"
              @click="meal.letGo(each.id)"
              >×</button
            ></p
          >
        </section>
        <section v-if="hangs.length" class="box">
          <h2>{{ t('clock.hangs') }}</h2>
          <p>{{ hangs.map((task) => say(task.what, units.units)).join(' → ') }}</p>
        </section>
        <section class="box">
          <h2>{{ t('clock.sides') }}</h2>
          <p v-for="side in of?.sides ?? []" :key="side.slug" class="side"
            >{{ side.name }}<small v-if="side.allergens.length">{{ side.allergens.map((each) => t(`allergen.${each}`)).join(', ') }}</small
            ><b v-if="side.not_for" data-testid="side-not-for">{{ say(side.not_for, units.units) }}</b
            ><button type="button" :aria-label="t('clock.drop', { name: side.name })" @click="meal.drop(side.slug)">×</button></p
          >
          <PickOne
            :key="meal.set.value.sides.length"
            model-value=""
            filter
            hidden-label
            testid="add-side"
            :label="t('clock.addSide')"
            :options="[
              { value: '', label: t('clock.addSide') },
              ...(meal.sides.data.value ?? []).map((side) => ({ value: side.slug, label: `${side.name}, ${duration(60 * side.minutes)}` })),
            ]"
            @update:model-value="meal.add($event)" />
        </section>
        <section class="box kitchen">
          <h2>{{ t('clock.kitchen') }}</h2>
          <p v-for="key in KITCHEN" :key="key"
            ><span>{{ t(`clock.has.${key}`) }}</span
            ><button
              type="button"
              :aria-label="t('mince.less', { what: t(`clock.has.${key}`) })"
              :data-testid="`less-${key}`"
              @click="change(key, -1)"
              >−</button
            ><b>{{ meal.set.value[key] }}</b
            ><button
              type="button"
              :aria-label="t('mince.more', { what: t(`clock.has.${key}`) })"
              :data-testid="`more-${key}`"
              @click="change(key, 1)"
              >+</button
            ></p
          >
          <p class="fires" role="group" :aria-label="t('clock.fireOut')"
            ><span>{{ t('clock.fireOut') }}</span
            ><button
              v-for="fire in FIRES"
              :key="fire"
              type="button"
              :aria-pressed="meal.set.value.out.includes(fire)"
              :data-testid="`out-${fire}`"
              @click="meal.goOut(fire)"
              >{{ t(`clock.column.${fire}`) }}</button
            ></p
          >
        </section>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.page {
  padding: 10px 18px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  border-bottom: 6px solid var(--oxblood);
  padding-bottom: 8px;
}
h1 {
  font-size: 30px;
}
h2 {
  font-size: 18px;
}
.fits,
.not {
  margin: 0;
  font: 600 17px/1.25 var(--figures);
}
.fits {
  color: var(--bay);
}
.not {
  flex: 1 1 300px;
  background: var(--red-wash);
  border-left: 5px solid var(--oxblood);
  padding: 6px 10px;
}
.calendar {
  margin-left: auto;
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 276px;
  gap: 16px;
}
.score {
  background: var(--paper);
  padding: 8px 10px 14px;
  overflow-x: auto;
}
.early {
  border-bottom: 1px solid var(--line);
  margin-bottom: 6px;
  padding-bottom: 6px;
}
.early p {
  margin: 0;
}
.early b {
  font: 700 16px/1.3 var(--figures);
}
.heads,
.lines {
  display: grid;
  grid-template-columns: 62px minmax(210px, 1.7fr) repeat(calc(var(--columns) - 1), minmax(120px, 1fr));
  gap: 0 8px;
}
.heads b {
  font: 700 17px/30px var(--figures);
}
.lines {
  position: relative;
}
.times {
  position: relative;
}
.times span {
  position: absolute;
  font: 600 15px/20px var(--figures);
  font-variant-numeric: tabular-nums;
}
.times .eat {
  color: var(--oxblood);
  font-weight: 700;
}
.column {
  position: relative;
  border-left: 1px solid var(--hair);
}
.task {
  position: absolute;
  overflow: hidden;
  padding: 2px 5px;
  border-left: 5px solid #5d6b68;
  background: #e6ebe9;
  font: 500 14px/1.2 var(--figures);
  cursor: grab;
  touch-action: none;
}
.held {
  border-style: dashed;
}
.short {
  white-space: nowrap;
  text-overflow: ellipsis;
}
.task small {
  color: var(--soft);
}
.task b {
  font-weight: 700;
}
.dA {
  background: #f1d9d9;
  border-color: var(--oxblood);
}
.dB {
  background: #efdfca;
  border-color: #a8682a;
}
.dC {
  background: #dde7df;
  border-color: var(--bay);
}
.dD {
  background: #dfe6ec;
  border-color: #33587c;
}
.hangs {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
}
.eating {
  position: absolute;
  left: 62px;
  right: 0;
  margin: 0;
  border-top: 3px solid var(--oxblood);
  font: 700 16px/28px var(--figures);
  color: var(--oxblood);
}
aside {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding-top: 10px;
}
.box {
  background: #fff;
  border: 1px solid var(--line);
  padding: 8px 12px;
}
.box p {
  margin: 2px 0 0;
  line-height: 1.35;
}
.big {
  font: 700 20px/1.2 var(--figures);
}
.side {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 8px;
  font: 600 16px/1.25 var(--figures);
}
.side small {
  font: 400 13px/1.2 var(--text);
  color: var(--soft);
}
.side b {
  order: 3;
  flex-basis: 100%;
  font: 700 14px/1.3 var(--text);
  color: var(--oxblood);
}
.kitchen .fires {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 8px;
}
.kitchen .fires span {
  flex-basis: 100%;
}
.kitchen .fires button {
  padding: 0 12px;
  font: 600 15px/1 var(--figures);
}
.kitchen .fires button[aria-pressed='true'] {
  color: var(--paper);
  background: var(--oxblood);
}
.side button,
.kitchen button {
  min-width: 44px;
  min-height: 44px;
  border: 1px solid var(--line);
  background: #fff;
  font: 600 20px/1 var(--figures);
  cursor: pointer;
  color: var(--ink);
}
.side button {
  margin-left: auto;
}
.kitchen p {
  display: grid;
  grid-template-columns: 1fr auto 30px auto;
  align-items: center;
  text-align: center;
}
.kitchen p span {
  text-align: left;
}
.kitchen b {
  font: 700 18px/1 var(--figures);
}
.empty {
  font-size: 17px;
  padding: 24px 0;
}
@media (max-width: 900px) {
  .page {
    padding: 10px 12px;
  }
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
