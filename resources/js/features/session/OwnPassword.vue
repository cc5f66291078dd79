<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow } from '@/api/client'
import { sessionKeys } from '@/queries/session'

// The first thing somebody new does: a password nobody else knows.
const { t } = useI18n()
const queries = useQueryClient()
const password = ref('')
const own = ref('')
const change = useMutation({
  mutationFn: () => orThrow(api.PUT('/session/password', { body: { password: password.value, new_password: own.value } })),
  onSuccess: async (session) => {
    queries.setQueryData(sessionKeys.all, session)
    await queries.invalidateQueries()
  },
})
const problem = () => {
  const error = change.error.value
  return error instanceof ApiError ? (error.violations[0]?.message ?? error.message) : (error?.message ?? null)
}
</script>

<template>
  <main id="work" class="page">
    <form @submit.prevent="change.mutate()">
      <h1>{{ t('signIn.own') }}</h1>
      <p>{{ t('signIn.ownWhy') }}</p>
      <label for="old-password">{{ t('signIn.password') }}</label>
      <InputText id="old-password" v-model="password" type="password" autocomplete="current-password" required data-testid="old-password" />
      <label for="new-password">{{ t('signIn.new') }}</label>
      <InputText
        id="new-password"
        v-model="own"
        type="password"
        autocomplete="new-password"
        minlength="12"
        required
        data-testid="new-password" />
      <p v-if="change.isError.value" class="wrong" role="alert">{{ problem() }}</p>
      <button class="strong" type="submit" :disabled="change.isPending.value" data-testid="change-password">{{
        t('signIn.change')
      }}</button>
    </form>
  </main>
</template>

<style scoped>
.page {
  min-height: 100%;
  display: grid;
  place-items: center;
  padding: 20px;
}
form {
  background: var(--paper);
  border-top: 7px solid var(--oxblood);
  width: min(420px, 100%);
  padding: 22px 28px 28px;
  display: grid;
  gap: 6px;
}
h1 {
  font-size: 28px;
}
p {
  margin: 0 0 10px;
}
</style>
