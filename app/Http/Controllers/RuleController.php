<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use OldEddy\Rules\RuleBook;

final class RuleController
{
    public function show(string $id): View
    {
        abort_unless(RuleBook::has($id), 404);

        return view('rules.show', ['rule' => RuleBook::rule($id)]);
    }
}
