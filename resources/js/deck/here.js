const KEY = 'old-eddy-position';

/** The part of the deck that makes a place on the spot, and knows where the phone is when it may. */
export const here = {
    hereOpen: false,
    hereName: '',
    hereStructure: '',
    hereCover: '',
    positionOn: localStorage.getItem(KEY) === 'on',
    position: null,

    toggleHere() {
        this.hereOpen = !this.hereOpen;
        if (this.hereOpen) {
            this.locate();
        }
    },
    /** A place of its own at once; its name may come later or never. */
    makeHere() {
        const spot = this.hereName.trim().slice(0, 80) || `Here ${this.waterClock()}`;
        this.hereOpen = false;
        this.begin(this.stint ? this.now : this.state.rods[0], spot, { structure: this.hereStructure || null, cover: this.hereCover || null });
        this.hereName = this.hereStructure = this.hereCover = '';
    },
    pickStructure(value) {
        this.hereStructure = this.hereStructure === value ? '' : value;
    },
    pickCover(value) {
        this.hereCover = this.hereCover === value ? '' : value;
    },
    isStructure(value) {
        return this.hereStructure === value ? 'true' : 'false';
    },
    isCover(value) {
        return this.hereCover === value ? 'true' : 'false';
    },

    get positionWords() {
        return !this.positionOn ? 'Note this phone’s position' : this.position ? 'Position is noted: stop' : 'Looking for the position…';
    },
    get positionPressed() {
        return this.positionOn ? 'true' : 'false';
    },
    /** Off until the angler asks for it; it goes nowhere but into his own log. */
    togglePosition() {
        this.positionOn = !this.positionOn;
        localStorage.setItem(KEY, this.positionOn ? 'on' : 'off');
        this.position = null;
        this.locate();
    },
    locate() {
        if (this.positionOn && navigator.geolocation) {
            navigator.geolocation.getCurrentPosition(
                ({ coords }) => (this.position = { lat: Number(coords.latitude.toFixed(6)), lon: Number(coords.longitude.toFixed(6)) }),
                () => {
                    this.positionOn = false;
                    this.notice = 'This phone does not tell its position. Everything else works without it.';
                },
                { enableHighAccuracy: true, maximumAge: 15_000, timeout: 20_000 },
            );
        }
    },
};
