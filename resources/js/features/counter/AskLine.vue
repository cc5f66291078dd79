<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'

// One field for the whole ask. What is not understood is underlined and never dropped; what may come next is offered below.
const props = defineProps<{ read: Schemas['LineRead'] | null; busy: boolean; confirmed: string[] }>()
defineEmits<{ confirm: [word: string] }>()
const line = defineModel<string>({ required: true })
const { t } = useI18n()
const field = useTemplateRef<HTMLInputElement>('field')
const open = ref(false)
const at = ref(-1)
const offers = computed(() => (open.value && line.value !== '' && !line.value.endsWith(' ') ? (props.read?.suggestions ?? []) : []))
const isMarked = (chip: Schemas['Chip']) => (chip.kind === 'unknown' && !props.confirmed.includes(chip.text)) || chip.suggestions.length > 0
/** Only while the marks belong to what is in the field now. */
const marked = computed(() => (props.read?.chips ?? []).filter((chip) => isMarked(chip) && line.value.slice(chip.from, chip.to) === chip.text))
const runs = computed(() => {
  const found: { text: string; bad: boolean }[] = []
  let from = 0
  for (const chip of marked.value) {
    found.push({ text: line.value.slice(from, chip.from), bad: false }, { text: chip.text, bad: true })
    from = chip.to
  }
  return [...found, { text: line.value.slice(from), bad: false }]
})
function replaceLast(word: string) {
  line.value = `${line.value.replace(/[^\s,;+]*$/u, '')}${word} `
  at.value = -1
  field.value?.focus()
}
const swap = (chip: Schemas['Chip'], word: string) => {
  const said = chip.kind === 'avoid' ? chip.text.replace(/\S+$/u, word) : word
  line.value = `${line.value.slice(0, chip.from)}${said}${line.value.slice(chip.to)}`
}
function key(event: KeyboardEvent) {
  const count = offers.value.length
  if (event.key === 'ArrowDown' && count) at.value = (at.value + 1) % count
  else if (event.key === 'ArrowUp' && count) at.value = (at.value - 1 + count) % count
  else if (event.key === 'Enter' && at.value >= 0) replaceLast(offers.value[at.value] ?? '')
  else if (event.key === 'Enter' || event.key === 'Escape') { open.value = false; at.value = -1; if (event.key === 'Enter') field.value?.blur(); return }
  else return
  event.preventDefault()
}
defineExpose({ focus: () => { field.value?.focus(); field.value?.select() } })
</script>

<template>
  <div class="bar">
    <label class="sr-only" for="ask-line">{{ t('line.label') }}</label>
    <div class="box">
      <kbd aria-hidden="true">/</kbd>
      <div class="type">
        <div class="mirror" aria-hidden="true"><template v-for="(run, i) in runs" :key="i"><u v-if="run.bad">{{ run.text }}</u><template v-else>{{ run.text }}</template></template></div>
        <input id="ask-line" ref="field" v-model="line" type="text" maxlength="200" autocomplete="off" autocapitalize="off" spellcheck="false" role="combobox" aria-autocomplete="list" aria-controls="ask-offers"
          :aria-expanded="offers.length > 0" :aria-activedescendant="at >= 0 ? `ask-offer-${at}` : undefined" :placeholder="t('line.example')" data-testid="ask-line"
          @input="open = true; at = -1" @keydown="key" @blur="open = false" />
      </div>
      <ul v-show="offers.length" id="ask-offers" role="listbox" :aria-label="t('line.offers')" data-testid="ask-offers">
        <li v-for="(offer, i) in offers" :id="`ask-offer-${i}`" :key="offer" role="option" :aria-selected="i === at" @mousedown.prevent="replaceLast(offer)">{{ offer }}</li>
      </ul>
    </div>
    <p v-if="marked.length" class="marked" role="status" data-testid="marked">
      <template v-for="chip in marked" :key="chip.from">
        <span>{{ t(chip.kind === 'avoid' ? 'line.notListed' : 'line.unknown', { text: chip.kind === 'avoid' ? chip.value : chip.text }) }}</span>
        <button v-for="word in chip.suggestions.filter(Boolean)" :key="word" type="button" @click="swap(chip, word)">{{ word }}?</button>
        <template v-if="chip.kind === 'unknown'"><button type="button" data-testid="drop-word" @click="swap(chip, '')">{{ t('line.dropWord') }}</button><button type="button" data-testid="confirm-word" @click="$emit('confirm', chip.text)">{{ t('line.confirmWord') }}</button></template>
      </template>
    </p>
  </div>
</template>

<style scoped>
.bar { display: flex; flex-direction: column; gap: 6px; align-items: stretch; flex: 1; min-width: 0; }
.box { position: relative; flex: none; min-width: 220px; display: flex; align-items: center; background: #fff; border: 2px solid var(--ink); height: 46px; }
.box:focus-within { outline: 3px solid var(--focus); outline-offset: 2px; }
kbd { flex: none; margin: 0 4px 0 10px; border: 1px solid var(--line); padding: 3px 7px; font: 600 14px/1 var(--figures); color: var(--soft); }
.type { position: relative; flex: 1; min-width: 0; height: 100%; font: 500 20px/42px var(--figures); overflow: hidden; }
.mirror, input { position: absolute; inset: 0; padding: 0 8px; font: inherit; letter-spacing: 0; white-space: pre; overflow: hidden; }
.mirror { color: transparent; pointer-events: none; }
.mirror u { text-decoration: underline wavy var(--oxblood) 2px; text-underline-offset: 5px; }
input { width: 100%; height: 100%; border: 0; background: transparent; color: var(--ink); outline: none; text-overflow: ellipsis; }
input::placeholder { color: #66716e; }
ul { position: absolute; top: 46px; left: -2px; right: -2px; margin: 0; padding: 0; list-style: none; background: #fff; border: 2px solid var(--ink); z-index: 5; }
li { padding: 8px 14px; font: 600 17px/24px var(--figures); cursor: pointer; }
li[aria-selected='true'], li:hover { background: var(--ink); color: #fff; }
.marked { margin: 0; display: flex; flex-wrap: wrap; gap: 4px 8px; align-items: center; color: var(--oxblood); font-size: 14px; }
.marked button { min-height: 34px; border: 1px solid var(--oxblood); background: #fff; color: var(--oxblood); font: 600 16px/1 var(--figures); padding: 0 9px; cursor: pointer; }
</style>
