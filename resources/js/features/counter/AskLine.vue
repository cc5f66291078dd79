<script setup lang="ts">
import AutoComplete from 'primevue/autocomplete'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useAsks } from '@/asks/useAsks'

// One field for the whole ask. What is not understood is underlined and never dropped; what may come next is offered below.
interface Offer {
  word: string
  line: string
}
const { t } = useI18n()
const asks = useAsks()
const field = () => document.querySelector<HTMLInputElement>('#ask-line')
const taken = ref(false)
/** Only while the answer belongs to what is in the field now. */
const isOf = computed(() => asks.shown?.line === asks.line)
const offers = computed<Offer[]>(() => {
  if (!isOf.value || asks.line === '' || asks.line.endsWith(' ')) return []
  return (asks.shown?.suggestions ?? []).map((word) => ({ word, line: `${asks.line.replace(/[^\s,;+]*$/u, '')}${word} ` }))
})
const isMarked = (chip: Schemas['Chip']) =>
  !asks.ask.confirmed.includes(chip.text) && (chip.kind === 'unknown' || chip.asks !== null || chip.suggestions.length > 0)
const marked = computed(() =>
  (asks.shown?.chips ?? []).filter((chip) => isMarked(chip) && asks.line.slice(chip.from, chip.to) === chip.text),
)
const runs = computed(() => {
  const found: { text: string; bad: boolean }[] = []
  let from = 0
  for (const chip of marked.value) {
    found.push({ text: asks.line.slice(from, chip.from), bad: false }, { text: chip.text, bad: true })
    from = chip.to
  }
  return [...found, { text: asks.line.slice(from), bad: false }]
})
const put = (value: string | Offer | null) => {
  asks.line = typeof value === 'string' ? value : (value?.line ?? '')
}
/** The line is said; what is pressed next is a key of the counter, unless a word was taken. */
const entered = () => {
  if (!taken.value) field()?.blur()
  taken.value = false
}
defineExpose({
  focus: () => {
    field()?.focus()
    field()?.select()
  },
})
</script>

<template>
  <div class="bar">
    <label class="sr-only" for="ask-line">{{ t('line.label') }}</label>
    <div class="box">
      <kbd aria-hidden="true">/</kbd>
      <div class="type" @keydown.enter="entered">
        <div class="mirror" aria-hidden="true"
          ><template v-for="(run, i) in runs" :key="i"
            ><u v-if="run.bad">{{ run.text }}</u
            ><template v-else>{{ run.text }}</template></template
          ></div
        >
        <AutoComplete
          input-id="ask-line"
          :model-value="asks.line"
          :suggestions="offers"
          option-label="word"
          :delay="0"
          append-to="self"
          scroll-height="280px"
          :show-empty-message="false"
          :placeholder="t('line.example')"
          :pt="{
            pcInputText: {
              root: { 'data-testid': 'ask-line', maxlength: 200, autocomplete: 'off', autocapitalize: 'off', spellcheck: false },
            },
            overlay: { class: ['offers', { none: offers.length === 0 }] },
            list: { 'data-testid': 'ask-offers', 'aria-label': t('line.offers') },
          }"
          @update:model-value="put"
          @option-select="taken = true" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: stretch;
  flex: 1;
  min-width: 0;
}
.box {
  position: relative;
  flex: none;
  min-width: 220px;
  display: flex;
  align-items: center;
  background: #fff;
  border: 2px solid var(--ink);
  height: 48px;
}
.box:focus-within {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
}
kbd {
  flex: none;
  margin: 0 4px 0 10px;
  border: 1px solid var(--line);
  padding: 3px 7px;
  font: 600 14px/1 var(--figures);
  color: var(--soft);
}
.type {
  position: relative;
  flex: 1;
  min-width: 0;
  height: 100%;
  font: 500 20px/44px var(--figures);
}
.mirror,
.type :deep(input) {
  position: absolute;
  inset: 0;
  padding: 0 8px;
  font: inherit;
  letter-spacing: 0;
  white-space: pre;
  overflow: hidden;
}
.mirror {
  color: transparent;
  pointer-events: none;
  overflow: hidden;
}
.mirror u {
  text-decoration: underline wavy var(--oxblood) 2px;
  text-underline-offset: 5px;
}
.type :deep(.p-autocomplete) {
  display: block;
  width: 100%;
  height: 100%;
}
.type :deep(input) {
  width: 100%;
  height: 100%;
  border: 0;
  background: transparent;
  color: var(--ink);
  outline: none;
  text-overflow: ellipsis;
}
.type :deep(.p-autocomplete-input.p-inputtext:enabled:focus),
.type :deep(.p-autocomplete-input.p-inputtext) {
  border: 0;
  outline: none;
  box-shadow: none;
}
.type :deep(.p-autocomplete-loader) {
  display: none;
}
.type :deep(input::placeholder) {
  color: #66716e;
}
.box :deep(.offers) {
  border: 2px solid var(--ink);
  font: 600 17px/24px var(--figures);
}
.box :deep(.offers.none) {
  display: none;
}
</style>
