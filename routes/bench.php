<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// What bin/bench compares with: the framework's own page with session and cookies, and nothing of ours (the group "bare").
Route::get('/bare', fn (): string => 'bare')->name('bare');
// Whether this very process compiles: pool values would come too late, so the command line is proved here.
Route::get('/jit', fn () => response()->json((opcache_get_status(false) ?: [])['jit'] ?? []))->name('jit');
