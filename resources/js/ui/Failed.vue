<script setup lang="ts">
import Message from 'primevue/message'
import { useI18n } from 'vue-i18n'

// A part of the page that could not be had, and the way to try again.
defineProps<{ problem: string }>()
defineEmits<{ again: [] }>()
const { t } = useI18n()
</script>

<template>
  <Message severity="error" role="alert"
    >{{ problem }} <button class="plain" type="button" @click="$emit('again')">{{ t('error.retry') }}</button></Message
  >
</template>
