<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { duration, mass, span, temperature, type Units } from '@/units/units'

// The pieces that are cooked or seasoned apart, each with the mark that goes on it.
defineProps<{ pieces: Schemas['TicketPiece'][]; units: Units }>()
const { t } = useI18n()
</script>

<template>
  <table class="pieces" data-testid="pieces">
    <caption class="sr-only">{{ t('pieces.title') }}</caption>
    <tbody>
      <tr v-for="piece in pieces" :key="piece.mark">
        <th scope="row"
          ><span class="mark">{{ piece.mark }}</span></th
        >
        <td
          ><b>{{ t('pieces.for', { diners: piece.diners }) }}, {{ t(`word.${piece.word}`) }}</b
          ><span v-if="piece.at_risk" class="risk">{{ t('ask.atRisk') }}</span
          ><span v-for="word in piece.avoid" :key="word" class="not">{{ t('ask.no', { word }) }}</span>
          <small>{{ mass(piece.raw_g, units) }}</small></td
        >
        <td class="when"
          ><span v-if="piece.can_probe">{{ t('pieces.off', { pull_c: temperature(piece.pull_core_c, units) }) }}</span>
          <span>{{ span(piece.time.low_s, piece.time.high_s) }}</span>
          <small>{{
            piece.on_heat_at
              ? t('card.on_at', { clock: piece.on_heat_at.slice(11, 16) })
              : piece.goes_on_after_s > 20
                ? t('pieces.later', { later_s: duration(piece.goes_on_after_s) })
                : t('pieces.first')
          }}</small></td
        >
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.pieces {
  border-collapse: collapse;
  width: 100%;
  font-size: 14px;
}
td,
th {
  padding: 3px 8px 3px 0;
  border-top: 1px solid var(--hair);
  text-align: left;
  vertical-align: baseline;
}
.mark {
  display: inline-block;
  min-width: 24px;
  text-align: center;
  background: var(--ink);
  color: #fff;
  font: 700 16px/23px var(--figures);
}
.risk,
.not {
  margin-left: 8px;
  padding: 1px 6px;
  font: 600 14px/1.2 var(--figures);
  background: var(--mustard-wash);
  border-left: 4px solid var(--mustard);
}
small {
  color: var(--soft);
  margin-left: 8px;
}
b,
.when span {
  font: 600 15.5px/1.25 var(--figures);
}
.when {
  text-align: right;
}
.when > * {
  margin-left: 8px;
  white-space: nowrap;
}
.risk,
.not {
  display: inline-block;
}
</style>
