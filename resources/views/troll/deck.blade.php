{{-- The spread as the deck shows it: straight on, from above. --}}
@php($draw = new App\Drawing\SpreadDrawing($spread, null, true, $stand, OldEddy\Troll\BottomBehind::even(null, $spread)))
@include('troll.above', ['turn' => null])
