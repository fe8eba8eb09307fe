<?php

declare(strict_types=1);

use App\Http\Controllers\ActsOfNothing;
use App\Http\Controllers\ClientRoutineController;
use App\Http\Controllers\MessagesController;
use Illuminate\Support\Facades\Route;

// Without session or cookie: the signature in the address is the only key, so no other site can borrow one.
Route::get('/card/{link}', [ClientRoutineController::class, 'show'])->name('card');
Route::post('/card/{link}/acts', [ClientRoutineController::class, 'acts'])
    ->name('card.acts')
    ->missing(ActsOfNothing::ofHomeRoutine(...));
Route::get('/card/stop/{head}', [MessagesController::class, 'askStop'])->name('reminders.stop');
Route::post('/card/stop/{head}', [MessagesController::class, 'stop'])->name('reminders.stop.now');
