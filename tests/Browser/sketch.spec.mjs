import { expect, test } from '@playwright/test';
import { freshDay, sound } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

const tool = (page, key) => page.locator(`[name="tool"][value="${key}"]`).check({ force: true });

test('a water without a chart is drawn by hand and by keys, kept, and fished', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/where`);
    await page.getByLabel('Its name').fill('Tannery pond');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.locator('[data-sketch][data-ready]')).toBeVisible();
    await sound(page);
    const sheet = page.locator('.sketch-sheet > svg');
    await sheet.scrollIntoViewIfNeeded();
    const box = await sheet.boundingBox();
    const at = (x, y) => [box.x + box.width * x, box.y + box.height * y];
    // The shore in one go.
    await page.mouse.move(...at(0.15, 0.5));
    await page.mouse.down();
    for (let i = 1; i <= 60; i++) {
        const turn = Math.PI - (i / 60) * 2 * Math.PI;
        await page.mouse.move(...at(0.5 + 0.35 * Math.cos(turn), 0.5 - 0.38 * Math.sin(turn)));
    }
    await page.mouse.up();
    await expect(page.locator('.sketch-shore')).toBeAttached();
    // Depths by tap; one without a number is asked for.
    await tool(page, 'depth');
    await page.mouse.click(...at(0.5, 0.5));
    await expect(page.locator('[data-part="said"]')).toHaveText('Say how much first.');
    await page.locator('[name="ft"]').fill('12');
    await sheet.click({ position: { x: box.width * 0.5, y: box.height * 0.5 } });
    await page.locator('[name="ft"]').fill('6');
    await sheet.click({ position: { x: box.width * 0.3, y: box.height * 0.5 } });
    await expect(page.locator('.sketch-depth')).toHaveCount(2);
    // A spot by keys alone.
    await tool(page, 'spot');
    await page.locator('[name="called"]').fill('Stump');
    await page.locator('[name="ft"]').fill('');
    await sheet.focus();
    for (let i = 0; i < 4; i++) {
        await page.keyboard.press('ArrowRight');
    }
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-things]')).toContainText('Stump');
    // Undone and made again; rubbed out in the list and brought back.
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-things]')).not.toContainText('Stump');
    await page.getByRole('button', { name: 'Redo' }).click();
    await page.getByText('All that is drawn').click();
    await page.getByRole('button', { name: 'Rub out spot Stump' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-things]')).toContainText('Stump');
    // Not kept yet, it is there after the page is loaded anew.
    await page.reload();
    await expect(page.locator('[data-part="said"]')).toContainText('not kept yet');
    await expect(page.locator('[data-things]')).toContainText('Stump');
    await page.getByRole('button', { name: 'Keep this water' }).click();
    await expect(page.locator('[data-part="said"]')).toContainText('Kept. 4 things, 1 of them spots.');
    await sound(page);
    await page.goto(`${day}/where`);
    await expect(page.locator('.plan[data-drawn]').first()).toBeVisible();
    await expect(page.locator('.ranked')).toContainText('Stump');
    await sound(page);
});

test('the shore is walked with the phone in hand, and a picture lies under the sheet', async ({ page, context }) => {
    await context.grantPermissions(['geolocation']);
    await context.setGeolocation({ latitude: 36.9, longitude: -80.1, accuracy: 3 });
    await freshDay(page);
    await page.goto('/lakes');
    await page.getByLabel('Name').fill('Mill hole');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await page.getByRole('link', { name: 'Draw it with a finger or the mouse' }).click();
    await expect(page.locator('[data-sketch][data-ready]')).toBeVisible();
    await page.getByText('By walking or idling along it').click();
    await page.getByRole('button', { name: 'Draw as I go' }).click();
    const points = () => page.locator('[data-line] polyline').getAttribute('points').then((p) => p.split(' ').length);
    await expect.poll(points).toBe(1);
    for (const [n, lat, lon] of [[2, 36.9003, -80.1], [3, 36.9003, -80.0996], [4, 36.9, -80.0996]]) {
        await context.setGeolocation({ latitude: lat, longitude: lon, accuracy: 3 });
        await expect.poll(points).toBe(n);
    }
    await page.getByRole('button', { name: 'End the line' }).click();
    await page.getByRole('button', { name: 'Draw as I go' }).click();
    await page.getByText('A picture or a paper map below').click();
    const png = await page.evaluate(() => {
        const canvas = Object.assign(document.createElement('canvas'), { width: 40, height: 30 });
        canvas.getContext('2d').fillRect(5, 5, 20, 10);
        return canvas.toDataURL('image/png').split(',')[1];
    });
    await page.setInputFiles('[name="picture"]', { name: 'map.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') });
    await expect(page.locator('[data-part="said"]')).toContainText('Set its scale');
    await page.locator('[name="apart"]').fill('100');
    await page.getByRole('button', { name: 'Set its scale' }).click();
    const sheet = page.locator('.sketch-sheet > svg');
    const { width, height } = await sheet.boundingBox();
    await sheet.click({ position: { x: width * 0.3, y: height * 0.5 } });
    await sheet.click({ position: { x: width * 0.6, y: height * 0.5 } });
    await expect(page.locator('[data-part="said"]')).toHaveText('The picture is to scale.');
    await page.getByRole('button', { name: 'Keep this water' }).click();
    await expect(page.locator('[data-part="said"]')).toContainText('Kept. 1 things');
    await page.reload();
    await expect(page.locator('[data-picture][href]')).toBeAttached();
    await sound(page);
});
