<?php

declare(strict_types=1);

use App\Http\Controllers\Api\ApiClientsController;
use App\Http\Controllers\Api\ApiSalonController;
use App\Http\Controllers\Api\BookingsController;
use App\Http\Controllers\Api\FreeTimesController;
use App\Http\Controllers\Api\RecordsController;
use App\Http\Middleware\TokenMay;
use App\Models\TokenAbility;
use Illuminate\Support\Facades\Route;

// What other programs ask for, each with what its token must be given for. resources/api/openapi.json tells of all.
$may = static fn (TokenAbility $ability): string => TokenMay::class . ":{$ability->value}";

Route::get('/', [ApiSalonController::class, 'show'])->name('salon');

Route::middleware($may(TokenAbility::ReadClients))->group(function (): void {
    Route::get('/clients', [ApiClientsController::class, 'index'])->name('clients.index');
    Route::get('/clients/{head}', [ApiClientsController::class, 'show'])
        ->middleware('can:view,head')->name('clients.show');
});
Route::middleware($may(TokenAbility::WriteClients))->group(function (): void {
    Route::post('/clients', [ApiClientsController::class, 'store'])->name('clients.store');
    Route::patch('/clients/{head}', [ApiClientsController::class, 'update'])
        ->middleware('can:view,head')->name('clients.update');
});

Route::get('/clients/{head}/record', [RecordsController::class, 'show'])
    ->middleware([$may(TokenAbility::ReadRecords), 'can:view,head'])->name('records.show');
Route::post('/records', [RecordsController::class, 'store'])
    ->middleware($may(TokenAbility::WriteRecords))->name('records.store');

Route::middleware($may(TokenAbility::ReadBookings))->group(function (): void {
    Route::get('/services', [ApiSalonController::class, 'services'])->name('services');
    Route::get('/stylists', [ApiSalonController::class, 'stylists'])->name('stylists');
    Route::get('/free-times', FreeTimesController::class)->name('free-times');
    Route::get('/bookings', [BookingsController::class, 'index'])->name('bookings.index');
    Route::get('/bookings/{booking}', [BookingsController::class, 'show'])
        ->middleware('can:view,booking')->name('bookings.show');
});
Route::middleware($may(TokenAbility::WriteBookings))->group(function (): void {
    Route::post('/bookings', [BookingsController::class, 'store'])->name('bookings.store');
    Route::patch('/bookings/{booking}', [BookingsController::class, 'update'])
        ->middleware('can:view,booking')->name('bookings.update');
    Route::post('/bookings/{booking}/cancel', [BookingsController::class, 'cancel'])
        ->middleware('can:view,booking')->name('bookings.cancel');
});
