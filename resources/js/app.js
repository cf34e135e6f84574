import Alpine from '@alpinejs/csp';
import conditions from './conditions.js';
import deck from './deck.js';
import newDay from './new-day.js';
import scheme from './scheme.js';

Alpine.data('conditions', conditions);
Alpine.data('deck', deck);
Alpine.data('newDay', newDay);
Alpine.data('scheme', scheme);
Alpine.start();
