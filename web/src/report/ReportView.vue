<script setup lang="ts">
import { away } from '../api/client'
import { Problem } from '../api/problem'
import { useLogo, useReport } from '../api/queries'
import Notice from '../ui/Notice.vue'
import { photoSource } from '../call/tray/usePhotos'
import Strokes from '../ui/drawing/Strokes.vue'
import ReportSection from './ReportSection.vue'

const props = defineProps<{ id: string }>()
const { data: report, failureReason, refetch } = useReport(() => props.id)
const { data: logo } = useLogo()
const print = () => window.print()
</script>

<template>
  <Notice
    v-if="!report && failureReason instanceof Problem"
    :problem="failureReason"
    class="m-4"
    @again="refetch()"
    @dismiss="refetch()"
  />
  <main v-if="report" class="mx-auto w-full max-w-3xl px-4 pb-10 sm:px-6">
    <div class="no-print flex flex-wrap justify-between gap-2 py-3">
      <RouterLink :to="`/calls/${id}`" class="btn btn-quiet -ml-4">Back to the call</RouterLink>
      <span class="flex flex-wrap gap-2">
        <span v-if="away" class="text-soft self-center">PDF and dates for a calendar come with signal.</span>
        <template v-else>
          <a class="btn" :href="`/api/calls/${id}/dates.ics`" download>Dates for a calendar</a>
          <a class="btn" :href="`/api/calls/${id}/report.pdf`" download>PDF</a>
        </template>
        <button type="button" class="btn btn-act" @click="print">Print</button>
      </span>
    </div>
    <article class="bg-sheet border-line grid gap-5 rounded-xl border p-5 sm:p-8 print:border-0 print:p-0">
      <header class="grid gap-3 sm:grid-cols-2">
        <div class="sm:col-span-2">
          <div class="flex flex-wrap justify-between gap-x-6">
            <div>
              <img v-if="logo?.picture" :src="logo.picture" alt="" class="mb-1 max-h-16 max-w-48" />
              <p class="text-lg font-bold">{{ report.business }}</p>
            </div>
            <div class="text-soft text-sm sm:text-right">
              <p v-for="line in report.letterhead" :key="line">{{ line }}</p>
            </div>
          </div>
          <h1 class="mt-2 text-3xl leading-tight">{{ report.title }}</h1>
          <p>No. {{ report.number }}. {{ report.standing }}</p>
        </div>
        <div>
          <p v-for="(line, i) in report.customer" :key="line" :class="{ 'font-bold': !i }">{{ line }}</p>
        </div>
        <div>
          <p v-for="(line, i) in report.machine" :key="line" :class="{ 'font-bold': !i }">{{ line }}</p>
        </div>
      </header>
      <ReportSection v-for="section in report.sections" :key="section.title" :section="section" />
      <ul v-if="report.photos.length" class="grid grid-cols-2 gap-3 sm:grid-cols-4" aria-label="Photos">
        <li v-for="shot in report.photos" :key="shot.photo">
          <img
            :src="photoSource(id, shot.photo)"
            :alt="shot.of"
            class="border-line aspect-4/3 w-full rounded-lg border object-cover"
          />
          <p class="text-soft text-sm">{{ shot.of }}</p>
        </li>
      </ul>
      <section v-if="report.signed" class="break-inside-avoid" aria-label="Signed">
        <h2 class="text-xl">Signed</h2>
        <Strokes :strokes="report.signed.strokes" class="w-56" aria-label="Signature" />
        <p>{{ report.signed.by }}</p>
      </section>
      <p class="text-soft text-sm">{{ report.note }}</p>
    </article>
  </main>
</template>
