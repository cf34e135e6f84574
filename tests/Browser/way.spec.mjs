import { expect, test } from '@playwright/test';
import { freshDay, inStep, sound, tapCast } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

test('sign-in, register, settings and rule pages are sound', async ({ page }) => {
    await page.goto('/');
    await sound(page);
    await page.goto('/register');
    await sound(page);
    await page.goto('/');
    await page.getByRole('button', { name: 'Look around with the demo' }).click();
    await expect(page.getByRole('heading', { name: 'Days on the water' })).toBeVisible();
    await sound(page);
    await page.goto('/settings');
    await sound(page);
    await page.goto('/rules/W6');
    await sound(page);
    await page.goto('/no-such-page');
    await expect(page.getByRole('heading', { name: 'Not here' })).toBeVisible();
    await sound(page);
});

test('the first water is drawn by hand without an account', async ({ page }) => {
    await page.goto('/');
    const first = page.locator('.first-lures li').first();
    const before = await page.locator('#lures').textContent();
    const warmth = page.getByRole('slider', { name: 'Surface temperature, by hand' });
    await warmth.focus();
    for (let i = 0; i < 4; i++) {
        await page.keyboard.press('PageDown');
    }
    await expect(warmth).toHaveAttribute('aria-valuenow', '41');
    await expect(page.locator('#lures')).toContainText('Winter');
    await expect(page.locator('#lures')).not.toHaveText(before);
    await page.locator('.read-tray label', { hasText: 'stumps' }).click();
    await expect(page.locator('#picture .form.stump').first()).toBeAttached();
    await expect(first).toBeVisible();
    await sound(page);
    // Nothing of it is kept.
    await page.reload();
    await expect(warmth).toHaveAttribute('aria-valuenow', '61');
});

test('a wrong sign-in says so and keeps the address', async ({ page }) => {
    await page.goto('/');
    await page.getByLabel('Email').fill('nobody@old-eddy.example');
    await page.getByLabel('Password').fill('wrong-one');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('alert')).toContainText('No account has this address and password');
    await expect(page.getByLabel('Email')).toHaveValue('nobody@old-eddy.example');
});

test('read, choose, fish, confirm', async ({ page }) => {
    const day = await freshDay(page);
    await sound(page);

    // Read: steppers and segments, no typing; the reading answers.
    await page.getByText('The water', { exact: true }).click();
    await page.getByText('The sky', { exact: true }).click();
    const more = page.getByRole('button', { name: 'Surface temperature: more' });
    await more.click();
    await more.click();
    await expect(page.getByText(/\d+ °F in a warming year/)).toBeVisible();
    await page.getByLabel('Surface temperature', { exact: true }).fill('58');
    await page.getByLabel('Surface temperature', { exact: true }).press('Tab');
    await expect(page.getByText('58 °F in a warming year is prespawn')).toBeVisible();
    await page.getByRole('group', { name: 'Cover', exact: true }).getByRole('checkbox', { name: 'laydown' }).check();
    await page.getByRole('radiogroup', { name: 'Front' }).getByRole('radio', { name: '1st day after' }).check();
    await expect(page.getByText('The front shrank the strike zone')).toBeVisible();
    const water = page.locator('#picture svg').first();
    const before = await water.innerHTML();
    await page.getByLabel('Visibility today', { exact: true }).fill('0.5');
    await page.getByLabel('Visibility today', { exact: true }).press('Tab');
    await expect(page.getByText('hunt by sound and vibration')).toBeVisible();
    expect(await water.innerHTML()).not.toBe(before);

    // A bad value is named at its field and stays typed; the reading stays.
    await page.getByLabel('Surface temperature', { exact: true }).fill('140');
    await page.getByLabel('Surface temperature', { exact: true }).press('Tab');
    await expect(page.locator('[data-field="water.temp_f"]')).toContainText('must be from 30 to 104');
    await expect(page.getByLabel('Surface temperature', { exact: true })).toHaveValue('140');
    await sound(page);

    // Reloaded, everything said is still there, the bad value is not.
    await page.reload();
    await page.getByText('The water', { exact: true }).click();
    await expect(page.getByLabel('Surface temperature', { exact: true })).toHaveValue('58');
    await expect(page.getByRole('checkbox', { name: 'laydown' })).toBeChecked();

    // Choose: the lineup with its reasons; a lure on the rack.
    await page.getByRole('link', { name: 'Choose the lures' }).click();
    await sound(page);
    await page.locator('.worth a').first().click();
    // Two lures in one slice; a change tried leaves the day as it is.
    await page.getByLabel('beside it').selectOption({ index: 1 });
    await page.getByRole('button', { name: 'Compare' }).click();
    await expect(page.locator('.path-beside')).toBeAttached();
    await page.locator('.switches a', { hasText: 'Five degrees colder' }).click();
    await expect(page.locator('.said')).toContainText('As if: five degrees colder');
    await sound(page);
    await page.getByRole('link', { name: 'Back to the day' }).click();
    await page.locator('.chosen').getByRole('button', { name: /^Rig it/ }).first().click();
    await expect(page.locator('.said')).toContainText('is on the rack');
    await page.locator('.ruled-out summary').click();
    await expect(page.locator('.ruled-out')).toContainText('useless where nothing sees it');
    await sound(page);

    // Fish: a stint, casts, contacts, undo.
    await page.goto(`${day}/fish`);
    await sound(page);
    await page.locator('[data-log="stint"]').first().click();
    const cast = page.locator('[data-log="casts"]');
    await expect(cast).toBeVisible();
    for (let i = 0; i < 6; i++) {
        await tapCast(page);
    }
    await page.getByRole('button', { name: /^caught/ }).click();
    await page.locator('[data-log="contact"][data-kind="bump"]').click();
    await inStep(page);
    await expect(cast.locator('b')).toHaveText('6');
    await expect(page.locator('.deck-sum')).toContainText('6 casts, 2 contacts');
    await page.getByRole('button', { name: 'Undo a contact' }).click();
    await inStep(page);
    await expect(page.locator('.deck-sum')).toContainText('6 casts, 1 contact');
    await expect(page.locator('.deck-next')).toContainText('be back within');
    await sound(page);
    await page.reload();
    await expect(cast.locator('b')).toHaveText('6');
    await page.getByRole('button', { name: /\(new\)/ }).click();
    await inStep(page);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Spot 2');

    // Confirm: evidence and next move.
    await page.goto(`${day}/confirm`);
    await expect(page.getByRole('heading', { name: 'The evidence' })).toBeVisible();
    await expect(page.locator('.lede')).toContainText('6 casts');
    await sound(page);
    await page.getByRole('button', { name: 'Close the day' }).click();
    await expect(page.getByRole('status')).toContainText('closed');
});

test('the water is drawn by hand: drag, keys, tray, one question at a time', async ({ page }) => {
    await freshDay(page);
    const circle = async () => Number(await page.locator('#picture .strike').first().getAttribute('ry'));
    // Dragged: the white lure is drawn down until it is lost; what is drawn follows while the hand moves, nothing is said yet.
    const lost = page.getByRole('slider', { name: 'Visibility today, by hand' });
    const from = Number(await lost.getAttribute('aria-valuenow'));
    const box = await lost.boundingBox();
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    const tried = page.waitForResponse(/\/try\?/);
    await page.mouse.move(x, y + 30, { steps: 4 });
    await tried;
    const to = Number(await lost.getAttribute('aria-valuenow'));
    expect(to).toBeGreaterThan(from);
    await expect(page.locator('[data-field="water.visibility_ft"] input')).toHaveValue('');
    const kept = page.waitForResponse((r) => r.request().method() === 'PATCH');
    await page.mouse.up();
    await kept;
    await expect(page.locator('[data-field="water.visibility_ft"] input')).toHaveValue(String(to));
    await expect(page.locator('#reading')).toContainText('they see');
    // By keys: the bottom goes down a step, both its ends are said.
    const deep = page.getByRole('slider', { name: 'Deepest, by hand' });
    await deep.focus();
    const before = Number(await deep.getAttribute('aria-valuenow'));
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('[data-field="spot.deep_ft"] input')).not.toHaveValue('');
    await expect(page.locator('[data-field="spot.shallow_ft"] input')).not.toHaveValue('');
    expect(Number(await deep.getAttribute('aria-valuenow'))).toBeGreaterThan(before);
    await expect(deep).toBeFocused();
    // From the tray into the water.
    const reeds = page.locator('.read-tray label', { hasText: 'reeds' });
    await reeds.scrollIntoViewIfNeeded();
    const [tray, water] = [await reeds.boundingBox(), await page.locator('.read-water').boundingBox()];
    if (water.y >= 0 && water.y < tray.y) {
        await page.mouse.move(tray.x + 20, tray.y + 20);
        await page.mouse.down();
        await page.mouse.move(water.x + water.width / 2, water.y + water.height / 2, { steps: 4 });
        await page.mouse.up();
    } else {
        await reeds.click();
    }
    await expect(reeds.locator('input')).toBeChecked();
    await expect(page.locator('#picture .form.stem').first()).toBeAttached();
    // A front shrinks the circles before one's eyes.
    const calm = await circle();
    await page.locator('summary', { hasText: 'The sky' }).click();
    await page.getByRole('radiogroup', { name: 'Front' }).getByRole('radio', { name: '1st day after' }).check();
    await expect.poll(circle).toBeLessThan(calm);
    // The questions, to their end.
    for (let asked = 0; asked < 12; asked++) {
        await expect(page.locator('[data-ask]:visible, [data-asked-all]:visible')).toHaveCount(1);
        const one = page.locator('[data-ask]:visible');
        if (await one.count() === 0) {
            break;
        }
        const path = await one.getAttribute('data-ask');
        if (asked % 2) {
            await one.locator('[data-unknown]').click();
        } else {
            const answered = page.waitForResponse(/\/asks$/);
            await one.locator('[data-answer]').first().click();
            await answered;
        }
        await expect(page.locator(`[data-ask="${path}"]:visible`)).toHaveCount(0);
    }
    await expect(page.locator('[data-asked-all]')).toBeVisible();
    // An assumption made said by a tap.
    const chip = page.locator('[data-chip="weather.wind_mph"], [data-chip="water.current"]').first();
    const path = await chip.getAttribute('data-chip');
    await chip.click();
    await expect(page.locator(`[data-chip="${path}"]`)).toHaveCount(0);
    await sound(page);
});

test('keys, night colors and reasons', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    await page.keyboard.press('c');
    await page.keyboard.press('c');
    await page.keyboard.press('f');
    await inStep(page);
    await expect(page.locator('.deck-sum')).toContainText('2 casts, 1 contact (1 caught)');
    await page.getByRole('button', { name: 'Day or night colors' }).click();
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('data-scheme', 'night');
    await sound(page);
    await page.goto(`${day}/choose`);
    await sound(page);
    await page.goto(`${day}/read`);
    await sound(page);
    await page.getByRole('link', { name: /because W8/ }).first().click();
    await expect(page.locator('.rule-text')).toContainText('Light fades with depth');
});

test('a cast is dragged, a cadence played, schools and sections compared', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/choose?lure=spinnerbait`);
    await page.getByText('Try another cast').click();
    const along = page.locator('.cast-said output').first();
    const before = await along.textContent();
    await page.getByRole('slider', { name: /^speed/ }).fill('0.5');
    await expect(along).not.toHaveText(before);
    await page.getByRole('radio', { name: 'across' }).check();
    await expect(page.locator('#lure-slice')).not.toContainText('along the edge');
    await sound(page);
    await page.goto(`${day}/choose?lure=jerkbait`);
    await page.getByRole('button', { name: 'Play' }).click();
    await expect(page.locator('.strip output')).toContainText(/jerk \d of 3|pause \d/);
    await page.getByRole('button', { name: 'Stop' }).click();
    await page.goto(`${day}/bench`);
    await sound(page);
    await page.goto(`${day}/schools`);
    await sound(page);
    await page.goto(`${day}/sections`);
    await page.getByLabel('Section 1').fill('Lower end');
    await page.getByLabel('Surface, °F').first().fill('74');
    await page.getByLabel('Section 2').fill('Upper arm');
    await page.getByLabel('Surface, °F').nth(1).fill('64');
    await page.getByRole('button', { name: 'Compare' }).click();
    await expect(page.getByRole('region', { name: 'Sections side by side' })).toContainText('postspawn');
    await sound(page);
});
