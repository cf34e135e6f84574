import { send } from '../wire.js';
import { apart, FEET_PER_M } from './drawing.js';

/** No picture is sent larger than this on its longer side, points. */
const MOST_POINTS = 2200;
const QUALITY = 0.85;

/** The picture under the sheet: a paper map or a view from above, from the angler's own device, laid to scale by two points. */
export class PictureBelow {
    constructor(sheet, placing) {
        Object.assign(this, { sheet, placing: placing ?? null, two: null, held: null });
        this.image = sheet.svg.querySelector('[data-picture]');
        if (sheet.given.picture) {
            this.load(sheet.given.picture);
        }
    }

    /** Shows it; a new one lies in the middle of what is in sight. */
    load(url) {
        const picture = new Image();
        picture.onload = () => {
            this.size = [picture.naturalWidth, picture.naturalHeight];
            const { x, y, metres } = this.sheet.view;
            this.placing ??= { x, y, m_per_point: (0.9 * metres) / picture.naturalWidth, turn_deg: 0 };
            this.image.setAttribute('href', url);
            this.sheet.part('picture-tools').hidden = false;
            this.sheet.form.elements.turn.value = this.placing.turn_deg;
            this.sheet.draw();
        };
        picture.src = url;
    }

    async choose() {
        const [file] = this.sheet.form.elements.picture.files;
        if (!file) {
            this.sheet.say('Choose a picture first.');
            return;
        }
        this.sheet.say('Laying the picture under the sheet…');
        const body = new FormData();
        try {
            // Drawn anew, it is no larger than it must be, and says nothing of where or with what it was taken.
            const bitmap = await createImageBitmap(file);
            const share = Math.min(1, MOST_POINTS / Math.max(bitmap.width, bitmap.height));
            const canvas = Object.assign(document.createElement('canvas'), { width: Math.round(bitmap.width * share), height: Math.round(bitmap.height * share) });
            canvas.getContext('2d').drawImage(bitmap, 0, 0, canvas.width, canvas.height);
            body.append('picture', await new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY)), file.name);
        } catch {
            this.sheet.say('This file is no picture that can be shown.');
            return;
        }
        try {
            const response = await fetch(this.sheet.root.dataset.picture, {
                method: 'POST', body, headers: { Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content },
            });
            const data = await response.json();
            if (!response.ok) {
                this.sheet.say(Object.values(data.errors ?? {}).flat().map((e) => e.message ?? e).join(' ') || 'The picture could not be kept.');
                return;
            }
            this.placing = null;
            this.load(`${data.picture}?${Date.now()}`);
            this.sheet.say('Now say how large it is: "Set its scale".');
        } catch {
            this.sheet.say('No signal: the picture is sent when there is some. Try again then.');
        }
    }

    async takeAway() {
        await send('DELETE', this.sheet.root.dataset.picture).catch(() => null);
        this.placing = null;
        this.size = null;
        this.image.removeAttribute('href');
        this.sheet.part('picture-tools').hidden = true;
        this.sheet.changed();
    }

    /** Two taps on it, and how far they are apart on the water. */
    scale() {
        this.two = [];
        this.sheet.say('Tap two places on the picture whose distance you know.');
    }
    takes(at) {
        if (this.two) {
            this.two.push(at);
            if (this.two.length === 2) {
                this.setScale();
            }
            return true;
        }
        this.held = this.sheet.tool === 'picture' && this.placing ? { at, from: { ...this.placing } } : null;
        return this.held !== null;
    }
    setScale() {
        const [a, b] = this.two;
        this.two = null;
        const { apart: field } = this.sheet.form.elements;
        const value = Number(field.value.replace(',', '.'));
        const long = apart(a, b);
        if (!(value > 0) || long === 0 || !this.placing) {
            this.sheet.say('Write how far the two places are apart, then tap them again.');
            field.focus();
            return;
        }
        const by = (value * (this.sheet.given.metric ? 1 : 1 / FEET_PER_M)) / long;
        const { x, y, m_per_point, turn_deg } = this.placing;
        // The first place stays where it was tapped.
        this.placing = { x: a[0] + (x - a[0]) * by, y: a[1] + (y - a[1]) * by, m_per_point: m_per_point * by, turn_deg };
        this.sheet.say('The picture is to scale.');
        this.sheet.remember();
    }

    isHeld() {
        return this.held !== null || this.two !== null;
    }
    drag(at) {
        if (this.held) {
            this.placing = { ...this.placing, x: this.held.from.x + at[0] - this.held.at[0], y: this.held.from.y + at[1] - this.held.at[1] };
        }
    }
    release() {
        this.held = null;
    }
    chosen(field) {
        if (field.name === 'turn' && this.placing) {
            this.placing = { ...this.placing, turn_deg: Number(field.value) };
            this.sheet.remember();
        } else if (field.name === 'picture') {
            this.choose();
        }
    }
    draw() {
        if (!this.placing || !this.size) {
            return;
        }
        const [wide, high] = this.size.map((v) => v * this.placing.m_per_point);
        const { x, y, turn_deg } = this.placing;
        Object.entries({ x: x - wide / 2, y: -y - high / 2, width: wide, height: high, transform: `rotate(${turn_deg} ${x} ${-y})` }).forEach(([k, v]) => this.image.setAttribute(k, v));
    }
}
