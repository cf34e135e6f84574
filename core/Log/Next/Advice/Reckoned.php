<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\Situation;

/**
 * What promises most, reckoned over every place and everything that is to hand: the weighed log, how the lure fits the place, what
 * the place still gives, the way there and the time left (M6, M9, M14, M21, S29). It says so in the words of the change.
 */
final class Reckoned implements Adviser
{
    public function advise(Situation $day): array
    {
        $offer = $day->mostPromising();
        if ($offer === null || $day->last === null) {
            return [];
        }
        $present = $day->present();
        $goesOn = $present !== null && $offer->levels() === $present->levels();
        // The schools of tempo have their own words: one stays to pick apart, the other leaves.
        $tempo = $day->manner->schools->chosen('tempo');
        if (($tempo === 'pick_apart' && $day->blankHere() < $day->patience()) || ($tempo === 'cover_water' && $goesOn && $day->blankHere() >= $day->patience())) {
            return [];
        }

        return [$goesOn ? $this->goOn($day, $offer) : $this->change($day, $offer)];
    }

    private function goOn(Situation $day, Offer $offer): Move
    {
        $stands = $day->pattern->leads() && $day->pattern->holds(...($day->last->levels ?? []));
        $blank = $day->blankHere();

        return new Move(Action::Stay, match (true) {
            $stands => sprintf('You are fishing what %s: go on here.', $day->pattern->words()),
            $blank === 0 => 'Go on here: nothing promises more now.',
            default => sprintf('%d blank casts here, and still nothing promises more: go on.', $blank),
        }, $stands ? 'M6' : 'M14', $offer, null, sprintf('%d blank casts', Situation::REPEATS));
    }

    private function change(Situation $day, Offer $offer): Move
    {
        $blank = $day->blankHere();
        $words = $day->words($offer);
        $lead = match (true) {
            $day->pattern->verdict === Verdict::Faded => 'What held has faded; look what changed in light, level, wind or water color. ',
            $blank > 0 => sprintf('%d casts here without a contact: ', $blank),
            default => 'This place has given its first casts: ',
        };
        $better = $day->pBetter($offer);
        $moved = $offer->place->name !== $day->here?->name;
        $contacts = $day->evidence->of('spot', $offer->place->name);
        [$action, $text, $rule] = match (true) {
            $moved && ($contacts->contactCount ?? 0) > 0 => [Action::Return, Said::joined($lead, 'back to what paid, ', $words, '.'), 'S29'],
            $moved && $contacts === null => [Action::ChangePlace, Said::joined($lead, 'a new place next, ', $words, '.'), 'M1'],
            default => [$day->changes($offer), Said::joined($lead, $words, $better !== null && $better < 0.5 ? ' is worth a try now.' : ' promises most now.'), 'M9'],
        };

        return new Move($action, $text, $rule, $offer, $better, 'a contact on the next casts');
    }
}
