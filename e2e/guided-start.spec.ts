/** From an empty list of plans to a whole path: the guided start, in each mode. */
import { firstQuestions } from '@relay/core/registries/first';
import { MODES } from '@relay/core/registries/modes';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { expect, tally, test } from './story';

for (const mode of MODE_IDS)
  test(`the guided start leads to a whole path of ${MODES[mode].name} in at most fifteen acts`, async ({
    page,
    relay,
  }) => {
    await page.goto(relay.url);
    let acts = 0;
    const act = async (doing: Promise<unknown>) => {
      acts += 1;
      await doing;
    };
    await act(page.getByTestId('guided').click());
    await act(page.getByRole('radiogroup').getByText(MODES[mode].name, { exact: true }).click());
    for (const { key, example } of firstQuestions(mode))
      await act(page.locator(`#first-${key}`).fill(example || 'a password'));
    await expect(page.getByTestId('relay-verdict')).toHaveText('whole, both ways');
    await act(page.getByTestId('make-first').click());
    await expect(page).toHaveURL(/agreement/);
    await expect(tally(page)).toHaveText(/[1-9]\d* whole\s*0 doubtful\s*0 broken/);
    expect(acts).toBeLessThanOrEqual(15);
  });

test('an answer that cannot be taken is told beside it, and the others stay', async ({ page, relay }) => {
  await page.goto(relay.url);
  await page.getByTestId('guided').click();
  await page.locator('#first-callSign').fill('QO3VES');
  await page.locator('#first-frequency').fill('439125');
  await page.getByTestId('make-first').click();
  await expect(page.locator('#first-frequency-problem')).toContainText('such as 439.1250');
  await expect(page.locator('#first-group-problem')).toContainText('found nothing');
  await expect(page.locator('#first-id')).toBeFocused();
  await expect(page.locator('#first-callSign')).toHaveValue('QO3VES');
});
