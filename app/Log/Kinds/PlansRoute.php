<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LogEvent;
use App\Waters\DayRoute;
use App\Waters\FromNow;
use App\Waters\RouteForm;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Validator;
use OldEddy\Where\Route\AskedRoute;

/** A route that was asked for without signal, or the rest of the day anew: it is planned when the entry comes in. */
final class PlansRoute extends Kind
{
    private ?string $set = null;

    public function fields(): array
    {
        return ['form' => Wanted::plain()->orNothing(), 'again' => Wanted::oneOf(['yes'])->orNothing(), 'units' => Wanted::units()];
    }

    public function knows(array $event): bool
    {
        return $this->trip->lake !== null && (! isset($event['again']) || $this->trip->route !== null);
    }

    public function refusal(array $event): ?string
    {
        if (isset($event['again'])) {
            return $this->asked($event)->isOver() ? 'The route is not planned anew: the time you meant to be back by is over.' : null;
        }
        $form = Validator::make(self::form($event), RouteForm::rules(self::units($event)), RouteForm::MESSAGES, RouteForm::NAMES);

        return $form->fails() ? "The route is not planned: {$form->errors()->first()}" : null;
    }

    public function apply(array $event): array
    {
        $before = $this->kept();
        DayRoute::plan($this->trip, $this->asked($event));
        $this->set = $this->kept();

        return ['route' => $before];
    }

    public function set(): array
    {
        return ['route' => $this->set];
    }

    /** A route that was planned since stays. */
    public function takeBack(LogEvent $event): void
    {
        if ($this->kept() === ($event->after['route'] ?? null)) {
            $this->trip->setRawAttributes(['route' => $event->before['route'] ?? null] + $this->trip->getAttributes());
            $this->trip->save();
        }
    }

    /** @param  array<array-key, mixed>  $event  that this day knows, and whose form is sound */
    private function asked(array $event): AskedRoute
    {
        return isset($event['again']) && $this->trip->route !== null
            ? FromNow::asked($this->trip, $this->trip->route->asked)
            : RouteForm::read(self::form($event), self::units($event));
    }

    private function kept(): ?string
    {
        return $this->trip->getAttributes()['route'];
    }

    /**
     * @param  array<array-key, mixed>  $event
     * @return array<array-key, mixed> the fields as the page names them: "wish.7" is the wish for a spot
     */
    private static function form(array $event): array
    {
        return Arr::undot(array_filter($event['form'] ?? [], static fn (mixed $v): bool => $v !== '' && $v !== null));
    }
}
