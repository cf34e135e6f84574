/** Day and night colors; the choice is a cookie, so that the server draws the first paint right. */
export default () => ({
    night: document.documentElement.dataset.scheme === 'night',
    get label() {
        return this.night ? 'Day' : 'Night';
    },
    flip() {
        this.night = !this.night;
        document.documentElement.dataset.scheme = this.night ? 'night' : 'day';
        document.cookie = `scheme=${this.night ? 'night' : 'day'}; path=/; max-age=31536000; samesite=lax`;
    },
});
