/** Plays the cadence strip: the dot follows the computed line, each beat is told and counted, with a click if wanted. */
export default () => ({
    playing: false,
    told: '',

    init() {
        this.told = this.$root.querySelector('output').textContent;
        this.points = JSON.parse(this.$root.dataset.points);
        this.beats = JSON.parse(this.$root.dataset.beats);
        this.length = Number(this.$root.dataset.seconds);
        this.jumps = matchMedia('(prefers-reduced-motion: reduce)').matches;
    },

    get label() {
        return this.playing ? 'Stop' : 'Play';
    },

    toggle() {
        this.playing = !this.playing;
        if (this.playing) {
            this.from = performance.now();
            this.last = '';
            requestAnimationFrame(() => this.frame());
        }
    },

    frame() {
        if (!this.playing) {
            return;
        }
        const seconds = ((performance.now() - this.from) / 1000) % this.length;
        const beat = this.beats.find((b) => seconds < b.to) ?? this.beats[this.beats.length - 1];
        const share = (seconds - beat.from) / Math.max(0.01, beat.to - beat.from);
        const count = beat.count ? Math.min(beat.count, Math.floor(share * beat.count) + 1) : null;
        this.told = count ? `${beat.do.replace('_', ' ')} ${count} of ${beat.count}` : `${beat.do.replace('_', ' ')} ${(beat.to - seconds).toFixed(1)} s`;
        const now = `${beat.from}/${count}`;
        if (now !== this.last) {
            this.last = now;
            this.tick();
            this.place(this.jumps ? beat.from : seconds);
        } else if (!this.jumps) {
            this.place(seconds);
        }
        requestAnimationFrame(() => this.frame());
    },

    place(seconds) {
        const [, x, y] = this.points[Math.min(this.points.length - 1, Math.round(seconds * 10))];
        this.$refs.dot.setAttribute('cx', x);
        this.$refs.dot.setAttribute('cy', y);
    },

    tick() {
        if (!this.$refs.click.checked) {
            return;
        }
        this.sound ??= new AudioContext();
        const tone = this.sound.createOscillator();
        const gain = this.sound.createGain();
        tone.frequency.value = 1200;
        gain.gain.setValueAtTime(0.2, this.sound.currentTime);
        gain.gain.exponentialRampToValueAtTime(0.001, this.sound.currentTime + 0.05);
        tone.connect(gain).connect(this.sound.destination);
        tone.start();
        tone.stop(this.sound.currentTime + 0.06);
    },
});
