<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { mass, money, type Units } from '@/units/units'
import { spoons } from '@/units/spoons'

// What goes on the meat: which and why, how much of each, what would burn, and what it comes to in salt.
const props = defineProps<{
  dressing: Schemas['Dressing']
  schools: Record<string, string>
  units: Units
  currency: string | null
  changeable: boolean
}>()
const emit = defineEmits<{ pick: [seasoning: string] }>()
const { t } = useI18n()
const say = useSay()
const of = (amount: Schemas['DressingAmount']) =>
  t('season.amount', { g: mass(amount.g, props.units), spoons: spoons(amount, t) || 'none' })
/** The same mend for several things is said once. */
const scorches = computed(() => {
  const first = props.dressing.scorches[0]
  if (!first) return []
  const others = props.dressing.scorches.slice(1).map((scorch) => scorch.ingredient)
  return [say(first.says, props.units), ...(others.length ? [t('season.alsoBurns', { list: others.join(', ') })] : [])]
})
const salt = computed(() =>
  t('season.salt', {
    salt_g: mass(props.dressing.salt.salt_per_head_g, props.units),
    sodium: Math.round(props.dressing.salt.sodium_per_head_mg),
    pct: props.dressing.salt.added_pct,
    wanted: props.dressing.salt.wanted_pct,
  }),
)
const spare = computed(() =>
  [
    props.dressing.per_piece_g !== null && t('season.each', { g: mass(props.dressing.per_piece_g, props.units) }),
    props.dressing.surplus_g > 0 && t('season.surplus', { g: mass(props.dressing.surplus_g, props.units) }),
  ]
    .filter(Boolean)
    .join(' '),
)
/** Where the trade disagrees: how this house does it. */
const OF_SEASONING = ['dressing', 'salt', 'oil', 'tenderising']
const house = computed(() =>
  OF_SEASONING.filter((school) => props.schools[school] !== undefined)
    .map((school) => `${t(`school.${school}`)}: ${t(`school_option.${school}.${props.schools[school]}`)}`)
    .join('; '),
)
const has = (list: string[]) => list.map((each) => t(`allergen.${each}`)).join(', ')
</script>

<template>
  <section class="season" data-testid="season">
    <h3
      >{{ dressing.name
      }}<small
        >{{ t(`seasoning_kind.${dressing.kind}`) }}, {{ t(dressing.is_asked ? 'season.asked' : 'season.suggested')
        }}<template v-if="dressing.price !== null && currency">, {{ money(dressing.price, currency) }}</template></small
      ></h3
    >
    <p v-if="dressing.instead" class="instead" role="status" data-testid="season-instead">{{ say(dressing.instead, units) }}</p>
    <p v-if="dressing.because.length" class="because">{{ dressing.because.map((each) => say(each, units)).join('. ') }}.</p>
    <p v-if="dressing.is_asked && dressing.doubts.length" class="against" data-testid="season-doubts">{{
      t('season.but', { doubts: dressing.doubts.map((each) => say(each, units)).join('; ') })
    }}</p>
    <ul class="amounts" data-testid="season-amounts">
      <li v-for="amount in dressing.amounts" :key="amount.name"
        ><b>{{ amount.name }}</b> {{ of(amount)
        }}<i v-if="amount.instead_of"> {{ t('season.insteadOf', { what: amount.instead_of }) }}</i></li
      ><li v-if="dressing.salt_beside"
        ><b>{{ t('season.saltBeside') }}</b> {{ of(dressing.salt_beside) }}</li
      >
    </ul>
    <p v-if="spare" class="faint">{{ spare }}</p>
    <p v-for="each in scorches" :key="each" class="scorch" data-testid="season-scorch">{{ each }}</p>
    <p v-for="piece in dressing.apart" :key="piece.mark" class="mark" data-testid="season-apart">{{ say(piece.says, units) }}</p>
    <p class="faint" data-testid="season-salt"
      >{{ salt }} <b v-if="dressing.salt.too_much" class="wrong">{{ say(dressing.salt.too_much, units) }}</b></p
    >
    <p v-if="dressing.allergens.length || dressing.may_contain.length" class="allergens" data-testid="season-allergens"
      ><b v-if="dressing.allergens.length">{{ t('season.contains', { list: has(dressing.allergens) }) }}</b>
      <span v-if="dressing.may_contain.length"> {{ t('season.mayContain', { list: has(dressing.may_contain) }) }}</span></p
    >
    <p class="faint notes">{{ dressing.notes.map((each) => say(each, units)).join(' ') }}</p>
    <p v-if="house" class="faint notes">{{ t('season.house', { house }) }}</p>
    <div v-if="changeable" class="others" :aria-label="t('season.others')" role="group">
      <button
        v-for="other in dressing.alternatives"
        :key="other.seasoning"
        type="button"
        class="plain"
        data-testid="season-other"
        @click="emit('pick', other.seasoning)"
        >{{ other.name }}<small>{{ say(other.because, units) }}</small></button
      >
      <slot name="more" />
    </div>
    <p v-else-if="dressing.alternatives.length" class="faint">{{
      t('season.orElse', { list: dressing.alternatives.map((other) => other.name).join(', ') })
    }}</p>
  </section>
</template>

<style scoped>
.season {
  border-left: 3px solid #2d5d78;
  padding: 1px 0 1px 10px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 3px;
}
h3 {
  margin: 0;
  font: 700 19px/1.15 var(--figures);
}
h3 small {
  font: 500 13px/1.3 var(--text);
  color: var(--soft);
  margin-left: 8px;
}
p {
  margin: 0;
  font-size: 13.5px;
  line-height: 1.3;
}
.because {
  font-size: 14.5px;
}
.amounts {
  margin: 0;
  padding: 0;
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 1px 14px;
  font-size: 14px;
  line-height: 1.3;
}
.amounts b {
  font-weight: 600;
}
.allergens {
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
}
.against {
  font-weight: 600;
}
.faint {
  color: var(--soft);
}
.notes {
  font-size: 12.5px;
}
.instead,
.scorch,
.mark {
  background: #fbeecb;
  padding: 3px 8px;
  font-weight: 600;
}
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: stretch;
}
.others button {
  min-height: 44px;
  text-align: left;
  font: 600 15px/1.15 var(--figures);
  padding: 3px 10px;
}
.others small {
  display: block;
  font: 400 12.5px/1.2 var(--text);
  color: var(--soft);
}
</style>
