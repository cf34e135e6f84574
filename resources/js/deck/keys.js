const CONTACTS = { f: 'caught', l: 'lost', m: 'missed', b: 'bump', o: 'boil', w: 'follow' };

/** The part of the deck that takes keys of a keyboard. */
export const keys = {
    key(e) {
        if (e.ctrlKey || e.metaKey || e.altKey || e.target.closest('input, select, textarea')) {
            return;
        }
        // A key of a keyboard is dry: pressed twice, it was meant twice.
        this.lastTap = { what: '', at: 0 };
        const key = e.key.toLowerCase();
        const contact = CONTACTS[key];
        if (contact) {
            this.contact(contact);
        } else if (key === 'c') {
            this.cast();
        } else if (key === 'u') {
            this.undo();
        } else if (key === 'h') {
            this.hook();
        } else if (key === 'd' && this.contacts.length) {
            this.show(this.contacts[0].id);
        } else if (key === 'n' && this.move?.offer) {
            this.take(this.move);
        } else if (key === 't') {
            this.toggleClock();
        } else if (e.key === '?') {
            this.toggleHelp();
        } else if (e.key === 'Escape') {
            this.help = false;
            this.open = null;
        }
    },
};
