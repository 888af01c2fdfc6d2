/**
 * A step whose code could not be loaded: the server is away, or it was updated and has other files by now. Either way
 * the page is loaded anew, at the address that was wanted, as soon as the server answers; what waits to be saved is
 * kept by the browser.
 */
import { ref } from 'vue';
import type { Router } from 'vue-router';

const RETRY_MS = 1_000;

/** What is waited for, in words; empty while nothing is. */
export const staleWords = ref('');

const isLoadFailure = (error: unknown) =>
  error instanceof Error && /dynamically imported module|importing a module script|preload CSS/i.test(error.message);

async function serverAnswers(): Promise<boolean> {
  try {
    return (await fetch('/api/v1/health', { cache: 'no-store' })).ok;
  } catch {
    return false;
  }
}

export function watchForStale(router: Router): void {
  router.onError(async (error, to) => {
    if (!isLoadFailure(error) || staleWords.value !== '') return;
    staleWords.value =
      'This step could not be loaded: the server does not answer. It opens by itself as soon as it does; what you typed is kept.';
    while (!(await serverAnswers())) await new Promise((go) => setTimeout(go, RETRY_MS));
    staleWords.value = '';
    location.assign(to.fullPath);
  });
}
