<?php

declare(strict_types=1);

namespace App\Models;

/** The framework joins the key's type to the casts of a model at every read of every field; once is enough, and a page reads thousands. */
trait CastsOnce
{
    /** @var array<string, string>|null */
    private ?array $castsOnce = null;

    /** @return array<string, string> */
    public function getCasts(): array
    {
        return $this->castsOnce ??= parent::getCasts();
    }

    /** @param  array<string, string>  $casts */
    public function mergeCasts($casts): static
    {
        $this->castsOnce = null;

        return parent::mergeCasts($casts);
    }
}
