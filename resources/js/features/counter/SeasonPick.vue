<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useAsks } from '@/asks/useAsks'
import { shelfQuery } from '@/queries/seasonings'
import PickOne from '@/ui/PickOne.vue'

// Any other seasoning of the shelf, by sort; or whatever suits the piece.
const emit = defineEmits<{ pick: [seasoning: string] }>()
const { t } = useI18n()
const asks = useAsks()
const shelf = useQuery(shelfQuery())
const groups = computed(() => {
  const all = shelf.data.value?.seasonings ?? []
  const families = [...new Set(all.map((each) => each.family))]
  return [
    {
      label: t('season.suits'),
      options: [
        { value: '', label: t('season.whatever') },
        ...families.map((family) => ({ value: family, label: t(`season.family.${family}`) })),
      ],
    },
    ...families.map((family) => ({
      label: t(`season.family.${family}`),
      options: all.filter((each) => each.family === family).map((each) => ({ value: each.slug, label: each.name })),
    })),
  ]
})
const chosen = computed({
  get: () => asks.wish.seasoning ?? '',
  set: (value: string) => {
    emit('pick', value)
  },
})
</script>

<template>
  <PickOne v-model="chosen" class="pick" :label="t('season.another')" hidden-label filter :groups="groups" testid="season-pick" />
</template>

<style scoped>
.pick {
  min-width: 190px;
  flex: 1;
}
</style>
