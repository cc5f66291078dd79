<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow, type Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { weighed, type Units } from '@/units/units'
import { scaleQuery } from './queries'

// The counter scale as it stands: big when it may be believed, and why not when it may not.
defineProps<{ units: Units; standIn: boolean }>()
const { t } = useI18n()
const say = useSay()
const queries = useQueryClient()
const scale = useQuery(() => scaleQuery(true))
const seen = computed(() => scale.data.value ?? null)
const put = ref('')
const set = useMutation({
  mutationFn: (body: Schemas['ScaleDo']) => orThrow(api.POST('/scale', { body })),
  onSuccess: (now) => {
    queries.setQueryData(['scale'], now)
  },
})
const putG = computed(() => (/^\d{1,5}$/.test(put.value.trim()) ? Number(put.value) : null))
</script>

<template>
  <section class="scale" :class="{ steady: seen?.is_steady }" :aria-label="t('scale.title')" data-testid="scale">
    <p class="head"
      ><span>{{ t('scale.title') }}</span
      ><b data-testid="scale-state" :data-state="seen?.state">{{ t(`scale.state.${seen?.state ?? 'lost'}`) }}</b></p
    >
    <p class="figure" data-testid="scale-g">{{ seen?.g == null || seen.state === 'lost' ? '–' : weighed(seen.g, units) }}</p>
    <p class="says" role="status">{{
      seen && !['steady', 'empty'].includes(seen.state)
        ? say(seen.says, units)
        : seen?.tare_g
          ? t('scale.tare', { g: weighed(seen.tare_g, units) })
          : '\u00a0'
    }}</p>
    <div class="do">
      <button type="button" data-testid="tare" @click="set.mutate({ do: 'tare' })">{{ t('scale.doTare') }}</button>
      <button type="button" data-testid="zero" @click="set.mutate({ do: 'zero' })">{{ t('scale.doZero') }}</button>
    </div>
    <form v-if="standIn" class="hand" @submit.prevent="putG !== null && set.mutate({ do: 'put', g: putG })">
      <label for="put-g">{{ t('scale.hand') }}</label>
      <InputText id="put-g" v-model="put" inputmode="numeric" autocomplete="off" data-testid="put-g" />
      <button type="submit" :disabled="putG === null" data-testid="put">{{ t('scale.put') }}</button>
      <button type="button" data-testid="take-off" @click="set.mutate({ do: 'take' })">{{ t('scale.take') }}</button>
    </form>
  </section>
</template>

<style scoped>
.scale {
  background: var(--slate);
  color: #f3f6f5;
  padding: 10px 12px;
  border-left: 6px solid #8d9b98;
}
.scale.steady {
  border-color: #8fd0a8;
}
.head {
  display: flex;
  justify-content: space-between;
  margin: 0;
  font: 600 16px/1.2 var(--figures);
}
.figure {
  margin: 2px 0 0;
  text-align: right;
  font: 700 50px/1.05 var(--figures);
  font-variant-numeric: tabular-nums;
  color: #b9c4c1;
}
.steady .figure {
  color: #fff;
}
.says {
  margin: 0;
  min-height: 20px;
  font-size: 14px;
  line-height: 1.3;
}
.do,
.hand {
  display: flex;
  gap: 6px;
  margin-top: 8px;
  align-items: end;
}
button {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid #8d9b98;
  background: transparent;
  color: inherit;
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
button:hover {
  background: #31403e;
}
button:disabled {
  color: #97a5a1;
  cursor: not-allowed;
}
.hand label {
  flex-basis: 100%;
}
.hand {
  border-top: 1px solid #55605d;
  padding-top: 8px;
  flex-wrap: wrap;
}
.hand label {
  color: #d5dedb;
  margin: 0;
  font-size: 13px;
}
.hand :deep(input) {
  width: 78px;
  height: 44px;
  text-align: right;
  font: 700 18px var(--figures);
}
</style>
