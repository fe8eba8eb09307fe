<?php

declare(strict_types=1);

use App\Http\Controllers\BasinController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BookingController;
use App\Http\Controllers\CauseController;
use App\Http\Controllers\FeedController;
use App\Http\Controllers\HeadController;
use App\Http\Controllers\HeadShelfController;
use App\Http\Controllers\HomeCardController;
use App\Http\Controllers\HoursController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\OutboxController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\SeasonController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StyleController;
use App\Http\Controllers\TeamController;
use App\Http\Controllers\TermsController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\TrendsController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\VisitController;
use App\Http\Controllers\WashDayController;
use App\Http\Controllers\WhatIfController;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/today');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in');
});

Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/today', [TodayController::class, 'show'])->name('today');
    Route::put('/today/names', [TodayController::class, 'names'])->name('today.names');
    Route::get('/bookings/new', [BookingController::class, 'create'])->name('bookings.create');
    Route::post('/bookings', [BookingController::class, 'store'])->name('bookings.store');
    Route::prefix('/bookings/{booking}')->middleware('can:view,booking')->group(function (): void {
        Route::get('/', [BookingController::class, 'show'])->name('bookings.show');
        Route::put('/', [BookingController::class, 'update'])->name('bookings.update');
        Route::post('/notes', [BookingController::class, 'note'])->name('bookings.note');
    });
    Route::get('/outbox', [OutboxController::class, 'show'])->name('outbox');
    Route::put('/outbox', [OutboxController::class, 'update'])->name('outbox.update');
    Route::post('/outbox/calendar', [FeedController::class, 'mine'])->name('feeds.mine');
    Route::delete('/outbox/calendar', [FeedController::class, 'dropMine'])->name('feeds.mine.drop');
    Route::get('/house/hours', [HoursController::class, 'edit'])->name('house.hours');
    Route::put('/house/hours', [HoursController::class, 'update'])->name('house.hours.update');
    Route::post('/house/leave', [HoursController::class, 'leave'])->name('house.leave');
    Route::delete('/house/leave/{leave}', [HoursController::class, 'back'])->name('house.leave.back')->whereNumber('leave');
    Route::get('/house', [HouseController::class, 'edit'])->name('house.edit');
    Route::get('/team', [TeamController::class, 'show'])->name('house.team');
    Route::put('/house', [HouseController::class, 'update'])->name('house.update');

    Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');
    Route::get('/shelf.csv', [ShelfController::class, 'csv'])->name('shelf.csv');
    Route::post('/shelf/import', [ShelfController::class, 'import'])->name('shelf.import');
    Route::get('/shelf/new', [ShelfController::class, 'create'])->name('shelf.create');
    Route::get('/shelf/mix', [ShelfController::class, 'mix'])->name('shelf.mix');
    Route::get('/shelf/book', [ShelfController::class, 'book'])->name('shelf.book');
    Route::delete('/shelf/book/{taught}', [ShelfController::class, 'forget'])->name('shelf.forget')->whereNumber('taught');
    Route::post('/shelf/teach', [ShelfController::class, 'teach'])->name('shelf.teach');
    Route::post('/shelf', [ShelfController::class, 'store'])->name('shelf.store');
    Route::prefix('/shelf/{product}')->middleware('can:view,product')->group(function (): void {
        Route::get('/', [ShelfController::class, 'show'])->name('shelf.show');
        Route::get('/edit', [ShelfController::class, 'edit'])->name('shelf.edit');
        Route::put('/', [ShelfController::class, 'update'])->name('shelf.update');
        Route::delete('/', [ShelfController::class, 'destroy'])->name('shelf.destroy');
        Route::post('/stock', [ShelfController::class, 'stock'])->name('shelf.stock');
        Route::post('/recall', [ShelfController::class, 'recall'])->name('shelf.recall');
        Route::delete('/recall', [ShelfController::class, 'release'])->name('shelf.release');
    });

    Route::get('/heads', [HeadController::class, 'index'])->name('heads.index');
    Route::get('/heads/new', [HeadController::class, 'create'])->name('heads.create');
    Route::post('/heads', [HeadController::class, 'store'])->name('heads.store');
    Route::get('/records/new', [RecordController::class, 'create'])->name('records.create');
    Route::post('/records', [RecordController::class, 'store'])->name('records.store');

    Route::prefix('/heads/{head}')->middleware('can:view,head')->group(function (): void {
        Route::get('/', [HeadController::class, 'show'])->name('heads.show');
        Route::get('/season', [SeasonController::class, 'show'])->name('heads.season');
        Route::get('/what-if', [WhatIfController::class, 'show'])->name('heads.what-if');
        Route::get('/season.ics', [SeasonController::class, 'calendar'])->name('heads.calendar');
        Route::get('/trends', [TrendsController::class, 'show'])->name('heads.trends');
        Route::get('/cause', [CauseController::class, 'show'])->name('heads.cause');
        Route::get('/trends.csv', [TrendsController::class, 'csv'])->name('heads.trends.csv');
        Route::get('/ledger', [LedgerController::class, 'show'])->name('heads.ledger');
        Route::get('/record.json', [RecordController::class, 'show'])->name('heads.record');

        Route::middleware('can:update,head')->group(function (): void {
            Route::get('/edit', [HeadController::class, 'edit'])->name('heads.edit');
            Route::put('/', [HeadController::class, 'update'])->name('heads.update');
            Route::get('/shelf', [HeadShelfController::class, 'show'])->name('heads.shelf');
            Route::post('/reactions', [HeadShelfController::class, 'react'])->name('heads.reactions');
            Route::get('/pictures', [PictureController::class, 'index'])->name('heads.pictures');
            Route::post('/pictures', [PictureController::class, 'store'])->name('heads.pictures.store');
            Route::get('/pictures/{picture}', [PictureController::class, 'show'])->name('heads.pictures.show')->scopeBindings();
            Route::delete('/pictures/{picture}', [PictureController::class, 'destroy'])->name('heads.pictures.destroy')->scopeBindings();
            Route::post('/zones/{zone}/take', [HeadController::class, 'takeZone'])->name('heads.zones.take')->where('zone', '[a-z]+');
            Route::post('/signs', [SignController::class, 'raise'])->name('heads.signs.raise');
            Route::put('/signs', [SignController::class, 'clear'])->name('heads.signs.clear');
            Route::get('/terms', [TermsController::class, 'edit'])->name('heads.terms');
            Route::put('/terms', [TermsController::class, 'update'])->name('heads.terms.update');
            Route::post('/terms/by-hand', [TermsController::class, 'setByHand'])->name('heads.terms.by-hand');
            Route::delete('/terms/by-hand/{date}', [TermsController::class, 'takeBack'])->name('heads.terms.take-back')->where('date', '\d{4}-\d{2}-\d{2}');
            Route::post('/terms/promise', [TermsController::class, 'promise'])->name('heads.terms.promise');
            Route::delete('/terms/promise', [TermsController::class, 'release'])->name('heads.terms.release');
            Route::get('/bench', [BenchController::class, 'create'])->name('heads.bench');
            Route::post('/bench', [BenchController::class, 'store'])->name('heads.bench.store');
            Route::get('/bench/zones', [BenchController::class, 'zones'])->name('heads.bench.zones');
            Route::put('/bench/draft', [BenchController::class, 'draft'])->name('heads.bench.draft');
            Route::delete('/bench/draft/{moment}', [BenchController::class, 'forget'])->name('heads.bench.forget')->where('moment', '[a-z-]+');
            Route::post('/bench/instruments/{device}', [InstrumentController::class, 'read'])->name('heads.instruments.read');
            Route::post('/bench/on-picture', [InstrumentController::class, 'measure'])->name('heads.instruments.on-picture');
            Route::get('/visits', [VisitController::class, 'index'])->name('heads.visits');
            Route::get('/visits/{visit}', [VisitController::class, 'show'])->name('heads.visits.show')->scopeBindings();
            Route::get('/visits/{visit}/correct', [VisitController::class, 'edit'])->name('heads.visits.edit')->scopeBindings();
            Route::put('/visits/{visit}', [VisitController::class, 'update'])->name('heads.visits.update')->scopeBindings();
            Route::delete('/visits/{visit}', [VisitController::class, 'destroy'])->name('heads.visits.undo')->scopeBindings();
            Route::post('/readings/{reading:key}/confirm', [VisitController::class, 'confirm'])->name('heads.readings.confirm')->scopeBindings();
            Route::get('/basin', [BasinController::class, 'setUp'])->name('heads.basin');
            Route::post('/basin', [BasinController::class, 'begin'])->name('heads.basin.begin');
            Route::get('/basin/{basin}', [BasinController::class, 'run'])->name('heads.basin.run')->scopeBindings();
            Route::post('/basin/{basin}/acts', [BasinController::class, 'acts'])->name('heads.basin.acts')->scopeBindings();
            Route::post('/basin/{basin}/finish', [BasinController::class, 'finish'])->name('heads.basin.finish')->scopeBindings();
            Route::delete('/basin/{basin}', [BasinController::class, 'destroy'])->name('heads.basin.break-off')->scopeBindings();
            Route::get('/home', [HomeCardController::class, 'show'])->name('heads.home');
            Route::get('/home.pdf', [HomeCardController::class, 'pdf'])->name('heads.home.pdf');
            Route::post('/home/calendar', [FeedController::class, 'ofHead'])->name('heads.home.calendar');
            Route::delete('/home/calendar', [FeedController::class, 'dropOfHead'])->name('heads.home.calendar.drop');
            Route::post('/home/links', [HomeCardController::class, 'store'])->name('heads.home.link');
            Route::delete('/home/links/{link}', [HomeCardController::class, 'withdraw'])->name('heads.home.withdraw')->scopeBindings();
            Route::get('/trials', [TrialController::class, 'index'])->name('heads.trials');
            Route::post('/trials', [TrialController::class, 'store'])->name('heads.trials.store');
            Route::delete('/trials/{trial}', [TrialController::class, 'end'])->name('heads.trials.end')->scopeBindings();
            Route::get('/style', [StyleController::class, 'show'])->name('heads.style');
            Route::post('/style', [StyleController::class, 'begin'])->name('heads.style.begin');
            Route::put('/style', [StyleController::class, 'keep'])->name('heads.style.keep');
            Route::delete('/style', [StyleController::class, 'end'])->name('heads.style.end');
            Route::get('/wash-day', [WashDayController::class, 'create'])->name('heads.wash-day');
            Route::post('/wash-day', [WashDayController::class, 'store'])->name('heads.wash-day.store');
            Route::delete('/wash-day/{washDay:key}', [WashDayController::class, 'destroy'])->name('heads.wash-day.undo')->scopeBindings();
        });
    });
});
