<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow, type Schemas } from '@/api/client'
import { moment } from '@/units/clock'

const props = defineProps<{ ticket: Schemas['StoredTicket']; mayChange: boolean }>()
const { t, locale } = useI18n()
const queries = useQueryClient()
const isShown = ref(false)

const path = { params: { path: { ticket: props.ticket.id } } }
const onSuccess = () => queries.invalidateQueries({ queryKey: ['tickets'] })
const renew = useMutation({ mutationFn: () => orThrow(api.POST('/tickets/{ticket}/card-link', path)), onSuccess })
const end = useMutation({ mutationFn: () => orThrow(api.DELETE('/tickets/{ticket}/card-link', path)), onSuccess })
</script>

<template>
  <section class="phone" data-testid="phone-link">
    <template v-if="ticket.card_link">
      <p>
        <a :href="ticket.card_link.url" target="_blank" rel="noopener" data-testid="phone-url">{{ t('phoneLink.open') }}</a>
        {{ t('phoneLink.until', { when: moment(ticket.card_link.expires_at, locale) }) }}
      </p>
      <button type="button" class="plain" :aria-expanded="isShown" data-testid="show-code" @click="isShown = !isShown">{{
        t(isShown ? 'phoneLink.hide' : 'phoneLink.show')
      }}</button>
      <template v-if="mayChange">
        <button type="button" class="plain" :disabled="renew.isPending.value" data-testid="renew-link" @click="renew.mutate()">{{
          t('phoneLink.renew')
        }}</button>
        <button type="button" class="plain" :disabled="end.isPending.value" data-testid="end-link" @click="end.mutate()">{{
          t('phoneLink.end')
        }}</button>
      </template>
      <img
        v-if="isShown"
        :key="ticket.card_link.url"
        :src="`/api/v1/tickets/${ticket.id}/card-link.svg?${ticket.card_link.expires_at}`"
        :alt="t('phoneLink.code')" />
    </template>
    <template v-else>
      <p>{{ t('phoneLink.none') }}</p>
      <button
        v-if="mayChange"
        type="button"
        class="plain"
        :disabled="renew.isPending.value"
        data-testid="renew-link"
        @click="renew.mutate()"
        >{{ t('phoneLink.make') }}</button
      >
    </template>
    <p v-if="renew.isError.value || end.isError.value" class="wrong" role="alert">{{ (renew.error.value ?? end.error.value)?.message }}</p>
  </section>
</template>

<style scoped>
.phone {
  max-width: 860px;
  margin: 0 0 12px;
  padding: 8px 12px;
  background: var(--paper);
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.phone p {
  margin: 0;
  flex: 1;
  min-width: 240px;
}
.phone a {
  font-weight: 700;
  color: var(--focus);
}
img {
  flex: 0 0 100%;
  height: 220px;
  object-fit: contain;
  object-position: left;
}
</style>
