<?php

declare(strict_types=1);

/*
 * Addresses of before that somebody may have kept: each leads on to the page that answers it now.
 * What is handed out to clients, /card and /calendars, never moved.
 */

use App\Http\Controllers\MovedController;
use Illuminate\Support\Facades\Route;

Route::get('/{old}', MovedController::class)->middleware('auth')->name('moved')
    ->where('old', '(heads|shelf|house|team|seasons|outbox|in-and-out|records)([/.].*)?');
