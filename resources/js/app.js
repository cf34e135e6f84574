import Alpine from '@alpinejs/csp';
import cast from './cast.js';
import conditions from './conditions.js';
import deck from './deck.js';
import newDay from './new-day.js';
import plan from './plan.js';
import scheme from './scheme.js';
import signal from './signal.js';
import strip from './strip.js';

Alpine.data('cast', cast);
Alpine.data('conditions', conditions);
Alpine.data('deck', deck);
Alpine.data('newDay', newDay);
Alpine.data('plan', plan);
Alpine.data('scheme', scheme);
Alpine.data('signal', signal);
Alpine.data('strip', strip);
Alpine.start();
