<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'

defineProps<{ muscles: Schemas['Muscle'][] }>()
const { t } = useI18n()
</script>

<template>
  <div>
    <h2>{{ t('cut.muscles') }}</h2>
    <dl>
      <template v-for="muscle in muscles" :key="muscle.slug">
        <dt>{{ muscle.name }}</dt>
        <dd
          >{{ muscle.in_life }}
          <span
            >{{ t(`work.${muscle.work}`) }} · {{ t(`collagen.${muscle.collagen}`) }} · {{ t(`grain.${muscle.grain}`) }},
            {{ t(muscle.is_long_fibred ? 'cut.long' : 'cut.short') }} · {{ t(`tenderness.${muscle.tenderness}`)
            }}<template v-if="muscle.shear_force_kg">
              · {{ t('cut.shear', { low: muscle.shear_force_kg.low, high: muscle.shear_force_kg.high }) }}</template
            ></span
          >
        </dd>
      </template>
    </dl>
  </div>
</template>

<style scoped>
dl {
  margin: 0;
}
dt {
  font: 700 17px/1.4 var(--figures);
}
dd {
  margin: 0 0 8px;
  font-size: 14.5px;
}
span {
  display: block;
  color: var(--soft);
  font-size: 14px;
}
</style>
