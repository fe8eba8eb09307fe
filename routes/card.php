<?php

declare(strict_types=1);

use App\Http\Controllers\CardController;
use App\Http\Controllers\OutboxController;
use Illuminate\Support\Facades\Route;

// Without session or cookie: the signature in the address is the only key, so no other site can borrow one.
Route::get('/card/{link}', [CardController::class, 'show'])->name('card');
Route::post('/card/{link}/acts', [CardController::class, 'acts'])->name('card.acts');
Route::get('/card/stop/{head}', [OutboxController::class, 'askStop'])->name('reminders.stop');
Route::post('/card/stop/{head}', [OutboxController::class, 'stop'])->name('reminders.stop.now');
