import { nextTick } from 'vue';

/** A page may still be loading: its field is looked for this often, and then not any more. */
const TRIES = 40;
const WAIT_MS = 50;

function controlOf(label: string): HTMLElement | null {
  const work = document.querySelector('#work');
  const named = [...(work?.querySelectorAll('label') ?? [])].find((one) => one.textContent.trim() === label);
  if (named?.control) return named.control;
  // A group of controls, or a control that is named without a label of its own.
  const group = work?.querySelector<HTMLElement>(`[aria-label="${CSS.escape(label)}"]`);
  return group?.querySelector<HTMLElement>('input, button, [tabindex]') ?? group ?? null;
}

/** Goes to the field with that label, while `isWanted`. */
export async function goToField(label: string, isWanted: () => boolean): Promise<void> {
  for (let tried = 0; tried < TRIES && isWanted(); tried += 1) {
    await nextTick();
    const control = controlOf(label);
    if (control) {
      control.scrollIntoView({ block: 'center' });
      control.focus();
      if (control instanceof HTMLInputElement && control.type === 'text') control.select();
      return;
    }
    await new Promise((resolve) => setTimeout(resolve, WAIT_MS));
  }
}
