<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { api, ApiError, orThrow } from '@/api/client'
import { sessionKeys } from '@/queries/session'

const { t } = useI18n()
const route = useRoute()
const router = useRouter()
const queries = useQueryClient()
const signInName = ref('')
const password = ref('')

const signIn = useMutation({
  mutationFn: () => orThrow(api.POST('/session', { body: { sign_in: signInName.value, password: password.value } })),
  onSuccess: async (session) => {
    queries.setQueryData(sessionKeys.all, session)
    const to = typeof route.query['to'] === 'string' && route.query['to'].startsWith('/') ? route.query['to'] : '/counter'
    const { path, query, hash } = router.resolve(to)
    await router.push({ path, query, hash, state: { signedIn: true } })
    void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== sessionKeys.all[0] })
  },
})
const problem = () => {
  const error = signIn.error.value
  return error instanceof ApiError ? (error.violations[0]?.message ?? error.message) : (error?.message ?? null)
}
</script>

<template>
  <main id="work" class="door">
    <form class="slip" @submit.prevent="signIn.mutate()">
      <p class="mark">{{ t('app.name') }}</p>
      <h1>{{ t('signIn.title') }}</h1>
      <p class="line">{{ t('signIn.line') }}</p>
      <label for="sign-in-name">{{ t('signIn.name') }}</label>
      <InputText id="sign-in-name" v-model="signInName" autocomplete="username" autocapitalize="none" required data-testid="sign-in-name" />
      <label for="password">{{ t('signIn.password') }}</label>
      <InputText
        id="password"
        v-model="password"
        type="password"
        autocomplete="current-password"
        required
        data-testid="password"
        :aria-describedby="signIn.isError.value ? 'sign-in-problem' : undefined" />
      <p v-if="signIn.isError.value" id="sign-in-problem" class="wrong" role="alert">{{ problem() }}</p>
      <button class="strong" type="submit" :disabled="signIn.isPending.value" data-testid="sign-in">{{
        t(signIn.isPending.value ? 'signIn.busy' : 'signIn.go')
      }}</button>
    </form>
  </main>
</template>

<style scoped>
.door {
  min-height: 100%;
  display: grid;
  place-items: center;
  background: var(--slate);
  padding: 20px;
}
.slip {
  background: var(--paper);
  border-top: 7px solid var(--oxblood);
  width: min(420px, 100%);
  padding: 26px 30px 30px;
  display: grid;
  gap: 6px;
}
.mark {
  margin: 0;
  font: 700 15px/1 var(--figures);
  letter-spacing: 0.05em;
  text-transform: uppercase;
}
h1 {
  font-size: 30px;
}
.line {
  margin: 0 0 14px;
  color: var(--soft);
}
.slip :deep(input) {
  height: 48px;
  font: 400 18px var(--text);
  margin-bottom: 10px;
  width: 100%;
}
.strong {
  margin-top: 8px;
  justify-content: center;
}
</style>
