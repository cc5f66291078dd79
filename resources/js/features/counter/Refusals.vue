<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { money, type Units } from '@/units/units'
import { localIso } from '@/units/clock'
import { useAsks } from '@/asks/useAsks'

// Nothing fits: which condition would have to give, by how much, and a button where it can be given here and now.
const props = defineProps<{ matches: Schemas['Matches']; units: Units }>()
const { t } = useI18n()
const say = useSay()
const asks = useAsks()

const figure = (refusal: Schemas['Refusal'], name: string) => Number(refusal.says.args[name] ?? 0)
function relax(refusal: Schemas['Refusal']): { label: string; run: () => void } | null {
  switch (refusal.limit) {
    case 'budget':
      return {
        label: t('relax.budget', { value: money(figure(refusal, 'a_head_money'), props.matches.currency) }),
        run: () => {
          void asks.patch(() => ({ budget: Math.ceil(figure(refusal, 'a_head_money') * 100) / 100, budget_all: null }))
        },
      }
    case 'time': {
      const later = new Date(new Date(asks.wish.eat_at ?? Date.now()).getTime() + (figure(refusal, 'short_s') + 600) * 1000)
      later.setMinutes(Math.ceil(later.getMinutes() / 15) * 15, 0)
      return {
        label: t('relax.time', { clock: localIso(later).slice(11, 16) }),
        run: () => {
          void asks.patch(() => ({ eat_at: localIso(later) }))
        },
      }
    }
    case 'fire':
      return {
        label: t('relax.fire', { method: t(`method.${refusal.method}`) }),
        run: () => {
          void asks.patch(({ methods }) => ({ methods: [...new Set([...(methods ?? []), refusal.method])] }))
        },
      }
    case 'safety':
      return {
        label: t('relax.safety'),
        run: () => {
          void asks.patch(({ diners }) => ({ diners: diners.map((eater) => (eater.at_risk ? { ...eater, doneness: undefined } : eater)) }))
        },
      }
    case 'doneness':
      return {
        label: t('relax.doneness'),
        run: () => {
          void asks.patch(({ diners }) => ({ diners: diners.map((eater) => ({ ...eater, doneness: undefined })) }))
        },
      }
    case 'grade':
    case 'aged':
    case 'rearing':
    case 'origin':
      return {
        label: t('relax.lot'),
        run: () => {
          void asks.patch(() => ({ grade: null, aged_days: null, packed: null, rearing: null, origin: null }))
        },
      }
    default:
      return null
  }
}
const missing = () => props.matches.is_missing && !props.matches.instead_of
</script>

<template>
  <div class="none" role="status" data-testid="refusals">
    <h2>{{ t(missing() ? 'relax.missing' : 'relax.title') }}</h2>
    <ul v-if="matches.refusals.length">
      <li v-for="refusal in matches.refusals" :key="refusal.limit">
        <span>{{ say(refusal.says, units) }}</span>
        <button v-if="relax(refusal)" type="button" class="plain" :data-testid="`relax-${refusal.limit}`" @click="relax(refusal)?.run()">{{
          relax(refusal)?.label
        }}</button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.none {
  background: #fff;
  border-left: 5px solid var(--mustard);
  padding: 10px 12px;
  display: grid;
  gap: 8px;
}
h2 {
  font-size: 19px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 8px;
}
li {
  display: grid;
  gap: 5px;
  justify-items: start;
}
.plain {
  font-size: 16px;
  min-height: 40px;
  padding: 0 12px;
  white-space: normal;
}
</style>
