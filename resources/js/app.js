import Alpine from '@alpinejs/csp';
import archives from './archives.js';
import leftHere from './left-here.js';
import summing from './summing.js';
import cast from './cast.js';
import conditions from './conditions.js';
import firstLook from './first-look.js';
import deck from './deck/deck.js';
import keeps from './keeps.js';
import layers from './layers.js';
import newDay from './new-day.js';
import part from './part.js';
import plan from './plan.js';
import polish from './polish.js';
import scheme from './scheme.js';
import signal from './signal.js';
import square from './square.js';
import strip from './strip.js';
import troll from './troll.js';

Alpine.data('archives', archives);
Alpine.data('leftHere', leftHere);
Alpine.data('summing', summing);
Alpine.data('cast', cast);
Alpine.data('conditions', conditions);
Alpine.data('deck', deck);
Alpine.data('firstLook', firstLook);
Alpine.data('keeps', keeps);
Alpine.data('layers', layers);
Alpine.data('newDay', newDay);
Alpine.data('part', part);
Alpine.data('plan', plan);
Alpine.data('polish', polish);
Alpine.data('scheme', scheme);
Alpine.data('signal', signal);
Alpine.data('square', square);
Alpine.data('strip', strip);
Alpine.data('troll', troll);
Alpine.start();

// The sheet is long, and few pages have one.
const sketch = document.querySelector('[data-sketch]');
sketch && import('./sketch/sheet.js').then(({ open }) => open(sketch));

document.addEventListener('click', (event) => event.target.closest('[data-prints]') && window.print());
