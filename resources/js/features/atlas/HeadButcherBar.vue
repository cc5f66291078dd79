<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import type { Schemas } from '@/api/client'
import OwnCutForm from './OwnCutForm.vue'
import { atlasKeys, hide, removeCut, showAgain } from './queries'
import { useConfirm } from 'primevue/useconfirm'

const props = defineProps<{ cut: Schemas['CutPage'] }>()
const { t } = useI18n()
const router = useRouter()
const queries = useQueryClient()
const adding = ref(false)
const done = () =>
  Promise.all([queries.invalidateQueries({ queryKey: atlasKeys.all }), queries.invalidateQueries({ queryKey: ['catalogue'] })])
const toggle = useMutation({ mutationFn: () => (props.cut.is_hidden ? showAgain(props.cut.slug) : hide(props.cut.slug)), onSuccess: done })
const remove = useMutation({
  mutationFn: () => removeCut(props.cut.slug),
  onSuccess: async () => {
    await router.push({ name: 'atlas' })
    await done()
  },
})
const sure = useConfirm()
const ask = () => {
  sure.require({
    header: t('cut.remove'),
    message: t('cut.removeSure', { name: props.cut.name }),
    acceptLabel: t('cut.remove'),
    rejectLabel: t('own.cancel'),
    accept: () => {
      remove.mutate()
    },
  })
}
async function added(slug: string) {
  adding.value = false
  await done()
  await router.push({ name: 'cut', params: { slug } })
}
</script>

<template>
  <div class="bar">
    <button type="button" class="plain" data-testid="hide" :disabled="toggle.isPending.value" @click="toggle.mutate()">{{
      t(cut.is_hidden ? 'cut.show' : 'cut.hide')
    }}</button>
    <button type="button" class="plain" data-testid="add-like" :aria-expanded="adding" @click="adding = !adding">{{
      t('cut.addLike')
    }}</button>
    <button v-if="cut.is_own" type="button" class="plain" data-testid="remove-own" @click="ask">{{ t('cut.remove') }}</button>
    <p v-if="toggle.isError.value || remove.isError.value" class="wrong" role="alert">{{
      toggle.error.value?.message ?? remove.error.value?.message
    }}</p>
    <OwnCutForm v-if="adding" class="form" :like="cut" @added="added" @cancel="adding = false" />
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 8px 0;
}
.plain {
  min-height: 44px;
  font-size: 17px;
  padding: 0 14px;
}
.form {
  flex-basis: 100%;
}
</style>
