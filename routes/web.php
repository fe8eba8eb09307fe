<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\ActsOfNothing;
use App\Http\Controllers\BookingController;
use App\Http\Controllers\BookingSeriesController;
use App\Http\Controllers\CalendarFeedController;
use App\Http\Controllers\CauseController;
use App\Http\Controllers\ClientProductsController;
use App\Http\Controllers\ClientsController;
use App\Http\Controllers\ConnectionsController;
use App\Http\Controllers\ConsentController;
use App\Http\Controllers\ContactController;
use App\Http\Controllers\DataTransferController;
use App\Http\Controllers\DayEndController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FirstSalonController;
use App\Http\Controllers\HairTestsController;
use App\Http\Controllers\HandoverController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\HomeRoutineController;
use App\Http\Controllers\HouseholdController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\InvitationController;
use App\Http\Controllers\LanguageController;
use App\Http\Controllers\LearningController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\LivedCaseController;
use App\Http\Controllers\MessagesController;
use App\Http\Controllers\OpeningHoursController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PlacesController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanTermsController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\ProductsController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\ReportsController;
use App\Http\Controllers\RetentionController;
use App\Http\Controllers\SafetyFlagController;
use App\Http\Controllers\SalonController;
use App\Http\Controllers\SecondStepController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StyleController;
use App\Http\Controllers\TeamController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\TokenController;
use App\Http\Controllers\TrailController;
use App\Http\Controllers\TrendsController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\WaitController;
use App\Http\Controllers\WashController;
use App\Http\Controllers\WashDayController;
use App\Http\Controllers\WhatIfController;
use App\Http\Controllers\WholeHistoryController;
use App\Http\Middleware\AskPasswordAgain;
use App\Http\Middleware\BeforeTheFirst;
use App\Http\Middleware\SameStylist;
use App\Http\Middleware\TakeInOnce;
use App\Http\Middleware\WorksHere;
use Illuminate\Routing\RedirectController;
use Illuminate\Support\Facades\Route;

Route::get('/', RedirectController::class)->defaults('destination', '/today')->defaults('status', 302);

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/sign-in/code', [SignInController::class, 'code'])->name('sign-in.code');
    Route::post('/sign-in/code', [SignInController::class, 'check'])
        ->middleware('throttle:sign-in')->name('sign-in.check');
    Route::middleware(BeforeTheFirst::class)->group(function (): void {
        Route::get('/begin', [FirstSalonController::class, 'create'])->name('begin');
        Route::post('/begin', [FirstSalonController::class, 'store'])
            ->middleware(['throttle:sign-in', TakeInOnce::class])
            ->name('begin.store');
        Route::post('/begin/archive', [FirstSalonController::class, 'restore'])
            ->middleware(['throttle:sign-in', TakeInOnce::class])
            ->name('begin.restore');
    });
    Route::prefix('/passwords/{user}')->where(['user' => '[0-9]{1,9}'])->group(function (): void {
        Route::get('/', [PasswordController::class, 'show'])->name('passwords.show');
        Route::post('/', [PasswordController::class, 'update'])
            ->middleware(['throttle:sign-in', TakeInOnce::class])
            ->name('passwords.update');
    });
});

// Who works in another salon already joins signed in.
Route::prefix('/invitations/{invitation}')->where(['invitation' => '[0-9]{1,9}'])
    ->group(function (): void {
        Route::get('/', [InvitationController::class, 'show'])->name('invitations.show');
        Route::post('/', [InvitationController::class, 'accept'])
            ->middleware(['throttle:sign-in', TakeInOnce::class])
            ->name('invitations.accept');
    });

Route::post('/sign-out', [SignInController::class, 'destroy'])->middleware('auth')->name('sign-out');

Route::middleware(['auth', WorksHere::class, SameStylist::class, TakeInOnce::class])->group(function (): void {
    // The appointment book, and what everybody needs who works here.
    Route::get('/token', TokenController::class)->name('token');
    Route::get('/today', [TodayController::class, 'show'])->name('today');
    Route::get('/today/end', [DayEndController::class, 'show'])->name('today.end');
    Route::get('/today/places', PlacesController::class)->name('today.places');
    Route::get('/today/handover', [HandoverController::class, 'show'])->name('today.handover');
    Route::post('/today/handover', [HandoverController::class, 'store'])->name('today.handover.store');
    Route::get('/salon/people', [PeopleController::class, 'show'])->name('salon.people');
    Route::get('/account/confirm', [AccountController::class, 'again'])->name('account.confirm');
    Route::post('/account/confirm', [AccountController::class, 'confirm'])
        ->middleware('throttle:sign-in')->name('account.confirm.store');
    Route::put('/account/password', [AccountController::class, 'password'])->name('account.password');
    Route::put('/account/salon', [AccountController::class, 'salonOf'])->name('account.salon');
    Route::middleware(AskPasswordAgain::class . ':page')->group(function (): void {
        Route::get('/account/second-step', [SecondStepController::class, 'show'])->name('account.second-step');
    });
    Route::middleware(AskPasswordAgain::class)->group(function (): void {
        Route::post('/account/second-step', [SecondStepController::class, 'confirm'])
            ->middleware('throttle:sign-in')->name('account.second-step.confirm');
        Route::post('/account/second-step/codes', [SecondStepController::class, 'codes'])
            ->name('account.second-step.codes');
        Route::delete('/account/second-step', [SecondStepController::class, 'off'])->name('account.second-step.off');
    });
    Route::delete('/account/elsewhere', [AccountController::class, 'elsewhere'])->name('account.elsewhere');
    Route::put('/language', [LanguageController::class, 'update'])->name('language');
    Route::put('/today/names', [TodayController::class, 'names'])->name('today.names');
    Route::get('/bookings/new', [BookingController::class, 'create'])->name('bookings.create');
    Route::post('/waits', [WaitController::class, 'store'])->name('waits.store');
    Route::delete('/waits/{wait}', [WaitController::class, 'destroy'])->name('waits.destroy');
    Route::post('/bookings/callers', [BookingController::class, 'caller'])->name('bookings.caller');
    Route::post('/bookings/together', [HouseholdController::class, 'store'])->name('bookings.together');
    Route::post('/bookings', [BookingController::class, 'store'])->name('bookings.store');
    Route::prefix('/bookings/{booking}')->middleware('can:view,booking')->group(function (): void {
        Route::get('/', [BookingController::class, 'show'])->name('bookings.show');
        Route::put('/', [BookingController::class, 'update'])->name('bookings.update');
        Route::post('/notes', [BookingController::class, 'note'])->name('bookings.note');
        Route::delete('/notes/{said}', [BookingController::class, 'unsay'])
            ->name('bookings.unsay')->where('said', '[0-9]{1,9}');
        Route::post('/exchange', [BookingController::class, 'exchange'])->name('bookings.exchange');
        Route::put('/times', [BookingController::class, 'times'])->name('bookings.times');
        Route::get('/series', [BookingSeriesController::class, 'show'])->name('bookings.series');
        Route::post('/series', [BookingSeriesController::class, 'store'])->name('bookings.series.store');
        Route::post('/end', [DayEndController::class, 'close'])->name('bookings.end');
        Route::put('/bill', [BookingController::class, 'bill'])->name('bookings.bill');
    });
    Route::get('/find', FindController::class)->name('find');
    Route::get('/salon/messages', [MessagesController::class, 'show'])->name('salon.messages');
    Route::post(
        '/salon/messages/reminders/{reminder}/again',
        [MessagesController::class, 'again'],
    )->name('salon.messages.again')->where('reminder', '[0-9]{1,9}');
    Route::post('/salon/calendar', [CalendarFeedController::class, 'mine'])->name('salon.calendar');
    Route::delete('/salon/calendar', [CalendarFeedController::class, 'dropMine'])->name('salon.calendar.drop');
    Route::get('/salon/hours', [OpeningHoursController::class, 'edit'])->name('salon.hours');
    Route::post('/salon/leave', [OpeningHoursController::class, 'leave'])->name('salon.leave');
    Route::delete(
        '/salon/leave/{leave}',
        [OpeningHoursController::class, 'back'],
    )->name('salon.leave.back')->where('leave', '[0-9]{1,9}');
    Route::get('/products', [ProductsController::class, 'index'])->name('products');
    Route::get('/products.csv', [ProductsController::class, 'csv'])->name('products.csv');
    Route::get('/products/mix', [ProductsController::class, 'mix'])->name('products.mix');
    Route::get('/products/book', [ProductsController::class, 'book'])->name('products.book');
    Route::get('/clients', [ClientsController::class, 'index'])->name('clients.index');

    Route::middleware('can:care')->group(function (): void {
        Route::get('/plans', [PlanController::class, 'several'])->name('plans');
        Route::get('/practice', [PracticeController::class, 'index'])->name('practice');
        Route::post('/practice', [PracticeController::class, 'store'])->name('practice.store');
        Route::get('/practice/drills', [DrillController::class, 'show'])->name('practice.drills');
        Route::post('/practice/drills', [DrillController::class, 'store'])->name('practice.drills.store');
        Route::prefix('/practice/{playedCase}')->middleware('can:view,playedCase')
            ->where(['playedCase' => '[0-9]{1,9}'])->group(function (): void {
                Route::get('/', [PracticeController::class, 'show'])->name('practice.show');
                Route::post('/tests', [PracticeController::class, 'tests'])->name('practice.tests');
                Route::post('/visit', [PracticeController::class, 'visit'])->name('practice.visit');
                Route::post('/beside', [PracticeController::class, 'beside'])->name('practice.beside');
                Route::delete('/', [PracticeController::class, 'destroy'])->name('practice.destroy');
            });
        Route::get('/clients/new', [ClientsController::class, 'create'])->name('clients.create');
        Route::post('/clients', [ClientsController::class, 'store'])->name('clients.store');
    });

    Route::middleware('can:decide')->group(function (): void {
        Route::get('/reports', [ReportsController::class, 'show'])->name('reports');
        Route::get('/reports.csv', [ReportsController::class, 'csv'])->name('reports.csv');
        Route::get('/reports/team', [TeamController::class, 'show'])->name('reports.team');
        Route::get('/practice/team', [PracticeController::class, 'team'])->name('practice.team');
        Route::delete('/practice/lived/{livedCase}', [LivedCaseController::class, 'destroy'])
            ->middleware('can:view,livedCase')->name('practice.lived.destroy')->where('livedCase', '[0-9]{1,9}');
        Route::get('/salon/learned', [LearningController::class, 'show'])->name('salon.learned');
        Route::post('/products/import', [ProductsController::class, 'import'])->name('products.import');
        Route::get('/products/new', [ProductsController::class, 'create'])->name('products.create');
        Route::delete(
            '/products/book/{taught}',
            [ProductsController::class, 'forget'],
        )->name('products.forget')->where('taught', '[0-9]{1,9}');
        Route::post('/products/teach', [ProductsController::class, 'teach'])->name('products.teach');
        Route::post('/products', [ProductsController::class, 'store'])->name('products.store');
        Route::get('/clients/records/new', [RecordController::class, 'create'])->name('clients.records.create');
        Route::post('/clients/records', [RecordController::class, 'store'])->name('clients.records.store');
    });

    Route::middleware('can:lead')->group(function (): void {
        Route::post('/salon/invitations', [PeopleController::class, 'invite'])->middleware(AskPasswordAgain::class)->name('salon.invitations.store');
        Route::delete('/salon/invitations/{invitation}', [PeopleController::class, 'withdraw'])
            ->name('salon.invitations.withdraw')->where('invitation', '[0-9]{1,9}');
        Route::put('/salon/people/{user}/role', [PeopleController::class, 'role'])
            ->middleware(['can:place,user', AskPasswordAgain::class])->name('salon.people.role')->where('user', '[0-9]{1,9}');
        Route::prefix('/salon/people/{user}')->middleware('can:part,user')->where(['user' => '[0-9]{1,9}'])
            ->group(function (): void {
                Route::delete('/second-step', [SecondStepController::class, 'offFor'])
                    ->middleware(['can:sign-in-of,user', AskPasswordAgain::class])->name('salon.people.second-step');
                Route::put('/left', [PeopleController::class, 'leave'])->name('salon.people.leave');
                Route::delete('/left', [PeopleController::class, 'return'])->name('salon.people.return');
            });
        Route::get('/salon/data', [DataTransferController::class, 'show'])->middleware(AskPasswordAgain::class . ':page')->name('salon.data');
        Route::get('/salon/data/salon.zip', [DataTransferController::class, 'archive'])->middleware(AskPasswordAgain::class)->name('salon.data.archive');
        Route::get('/salon/data/clients.vcf', [DataTransferController::class, 'cards'])->middleware(AskPasswordAgain::class)->name('salon.data.cards');
        Route::post('/salon/data/imports', [ImportController::class, 'look'])->name('salon.data.look');
        Route::get('/salon/data/imports/{import}', [ImportController::class, 'preview'])->name('salon.data.import');
        Route::post('/salon/data/imports/{import}', [ImportController::class, 'take'])->name('salon.data.take');
        Route::put('/salon/data/imports/{import}', [ImportController::class, 'columns'])->name('salon.data.columns');
        Route::delete('/salon/data/imports/{import}/taken', [ImportController::class, 'undo'])->name('salon.data.undo');
        Route::delete('/salon/data/imports/{import}', [ImportController::class, 'drop'])->name('salon.data.drop');
        Route::get(
            '/salon/data/deletions/{deletion}',
            [DataTransferController::class, 'proof'],
        )->name('salon.data.proof')->where('deletion', '[0-9]{1,9}');
        Route::put('/salon/data/forget', [RetentionController::class, 'update'])->middleware(AskPasswordAgain::class)->name('salon.data.forget');
        Route::put('/salon/data/forget/{head}', [RetentionController::class, 'keep'])->middleware('can:view,head')->name('salon.data.keep');
        Route::prefix('/salon/connections')->name('salon.connections')
            ->where(['accessToken' => '[0-9]{1,9}', 'webhook' => '[0-9]{1,9}'])
            ->group(function (): void {
                Route::get('/', [ConnectionsController::class, 'show'])->middleware(AskPasswordAgain::class . ':page');
                Route::middleware(AskPasswordAgain::class)->group(function (): void {
                    Route::post('/tokens', [ConnectionsController::class, 'give'])->name('.give');
                    Route::post('/webhooks', [ConnectionsController::class, 'add'])->name('.add');
                    Route::put('/webhooks/{webhook}/start', [ConnectionsController::class, 'start'])->name('.start');
                });
                Route::delete('/tokens/{accessToken}', [ConnectionsController::class, 'takeBack'])->name('.take-back');
                Route::delete('/webhooks/{webhook}', [ConnectionsController::class, 'drop'])->name('.drop');
                Route::post('/deliveries/{webhookDelivery}/again', [ConnectionsController::class, 'again'])->name('.again');
            });
        Route::post('/salon/learned', [LearningController::class, 'ask'])->name('salon.learned.ask');
        Route::put('/salon/learned/{learning}', [LearningController::class, 'use'])
            ->name('salon.learned.use')->where('learning', '[0-9]{1,9}');
        Route::delete('/salon/learned', [LearningController::class, 'leave'])->name('salon.learned.leave');
        Route::get('/salon/consent', [ConsentController::class, 'wordings'])->name('salon.consent');
        Route::put('/salon/consent', [ConsentController::class, 'word'])->name('salon.consent.update');
        Route::put('/salon/messages', [MessagesController::class, 'update'])->name('salon.messages.update');
        Route::put('/salon/hours', [OpeningHoursController::class, 'update'])->name('salon.hours.update');
        Route::get('/salon/trail', [TrailController::class, 'show'])->name('salon.trail');
        Route::get('/salon', [SalonController::class, 'edit'])->name('salon.edit');
        Route::put('/salon', [SalonController::class, 'update'])->name('salon.update');
    });

    Route::prefix('/products/{product}')->middleware('can:view,product')->group(function (): void {
        Route::get('/', [ProductsController::class, 'show'])->name('products.show');
        Route::post('/stock', [ProductsController::class, 'stock'])->name('products.stock');
        Route::middleware('can:decide')->group(function (): void {
            Route::get('/edit', [ProductsController::class, 'edit'])->name('products.edit');
            Route::put('/', [ProductsController::class, 'update'])->name('products.update');
            Route::delete('/', [ProductsController::class, 'destroy'])->name('products.destroy');
            Route::post('/recall', [ProductsController::class, 'recall'])->name('products.recall');
            Route::delete('/recall', [ProductsController::class, 'release'])->name('products.release');
        });
    });

    Route::prefix('/clients/{head}')->middleware('can:view,head')->group(function (): void {
        Route::get('/', [ClientsController::class, 'show'])->name('clients.now');
        Route::get('/contact', [ContactController::class, 'edit'])->name('clients.contact');
        Route::put('/contact', [ContactController::class, 'update'])->name('clients.contact.update');

        Route::middleware('can:care')->group(function (): void {
            Route::get('/plan', [PlanController::class, 'show'])->name('clients.plan');
            Route::get('/plan/what-if', [WhatIfController::class, 'show'])->name('clients.plan.what-if');
            Route::get('/plan.ics', [PlanController::class, 'calendar'])->name('clients.plan.calendar');
            Route::get('/trends', [TrendsController::class, 'show'])->name('clients.trends');
            Route::get('/history/cause', [CauseController::class, 'show'])->name('clients.history.cause');
            Route::get('/trends.csv', [TrendsController::class, 'csv'])->name('clients.trends.csv');
            Route::get('/history/ledger', [LedgerController::class, 'show'])->name('clients.history.ledger');
            Route::get('/edit', [ClientsController::class, 'edit'])->name('clients.edit');
            Route::put('/', [ClientsController::class, 'update'])->name('clients.update');
            Route::get('/products', [ClientProductsController::class, 'show'])->name('clients.products');
            Route::post('/reactions', [ClientProductsController::class, 'react'])->name('clients.reactions');
            Route::get('/consent', [ConsentController::class, 'show'])->name('clients.consent');
            Route::get('/consent.pdf', [ConsentController::class, 'form'])->name('clients.consent.form');
            Route::post('/consent', [ConsentController::class, 'give'])->name('clients.consent.give');
            Route::delete('/consent/{consent}', [ConsentController::class, 'withdraw'])
                ->name('clients.consent.withdraw')->where('consent', '[0-9]{1,9}')->scopeBindings();
            Route::get('/pictures', [PictureController::class, 'index'])->name('clients.pictures');
            Route::post('/pictures', [PictureController::class, 'store'])->name('clients.pictures.store');
            Route::get(
                '/pictures/{picture}',
                [PictureController::class, 'show'],
            )->name('clients.pictures.show')->scopeBindings();
            Route::delete(
                '/pictures/{picture}',
                [PictureController::class, 'destroy'],
            )->name('clients.pictures.destroy')->scopeBindings();
            Route::post(
                '/zones/{zone}/take',
                [ClientsController::class, 'takeZone'],
            )->name('clients.zones.take')->where('zone', '[a-z]+');
            Route::post('/safety-flags', [SafetyFlagController::class, 'raise'])->name('clients.safety-flags.raise');
            Route::post('/plan/preview', [PlanController::class, 'preview'])->name('clients.plan.preview');
            Route::get('/hair-tests', [HairTestsController::class, 'create'])->name('clients.hair-tests');
            Route::post('/hair-tests', [HairTestsController::class, 'store'])->name('clients.hair-tests.store');
            Route::post('/hair-tests/acts', [HairTestsController::class, 'acts'])
                ->name('clients.hair-tests.acts')
                ->missing(ActsOfNothing::ofClient(...));
            Route::get('/hair-tests/zones', [HairTestsController::class, 'zones'])->name('clients.hair-tests.zones');
            Route::put('/hair-tests/draft', [HairTestsController::class, 'draft'])->name('clients.hair-tests.draft');
            Route::delete(
                '/hair-tests/draft/{moment}',
                [HairTestsController::class, 'forget'],
            )->name('clients.hair-tests.forget')->where('moment', '[a-z-]+');
            Route::post(
                '/hair-tests/instruments/{device}',
                [InstrumentController::class, 'read'],
            )->name('clients.instruments.read');
            Route::post(
                '/hair-tests/on-picture',
                [InstrumentController::class, 'measure'],
            )->name('clients.instruments.on-picture');
            Route::get('/history', [HistoryController::class, 'index'])->name('clients.history');
            Route::get(
                '/history/{visit}',
                [HistoryController::class, 'show'],
            )->name('clients.history.show')->scopeBindings();
            Route::get(
                '/history/{visit}/correct',
                [HistoryController::class, 'edit'],
            )->name('clients.history.edit')->scopeBindings();
            Route::put(
                '/history/{visit}',
                [HistoryController::class, 'update'],
            )->name('clients.history.update')->scopeBindings();
            Route::delete(
                '/history/{visit}',
                [HistoryController::class, 'destroy'],
            )->name('clients.history.undo')->scopeBindings();
            Route::post(
                '/readings/{reading:key}/confirm',
                [HistoryController::class, 'confirm'],
            )->name('clients.readings.confirm')->scopeBindings();
            Route::get('/wash', [WashController::class, 'setUp'])->name('clients.wash');
            Route::post('/wash', [WashController::class, 'begin'])->name('clients.wash.begin');
            Route::get(
                '/wash/{washSession}',
                [WashController::class, 'run'],
            )->name('clients.wash.run')->scopeBindings();
            Route::post(
                '/wash/{washSession}/begin',
                [WashController::class, 'start'],
            )->name('clients.wash.start')->scopeBindings();
            Route::post(
                '/wash/{washSession}/acts',
                [WashController::class, 'acts'],
            )->name('clients.wash.acts')->scopeBindings()->missing(ActsOfNothing::ofWashDay(...));
            Route::post(
                '/wash/{washSession}/finish',
                [WashController::class, 'finish'],
            )->name('clients.wash.finish')->scopeBindings();
            Route::put(
                '/wash/{washSession}/minutes',
                [WashController::class, 'correct'],
            )->name('clients.wash.minutes')->scopeBindings();
            Route::delete(
                '/wash/{washSession}',
                [WashController::class, 'destroy'],
            )->name('clients.wash.break-off')->scopeBindings();
            Route::get('/home-routine', [HomeRoutineController::class, 'show'])->name('clients.home-routine');
            Route::get('/home-routine.pdf', [HomeRoutineController::class, 'pdf'])->name('clients.home-routine.pdf');
            Route::post(
                '/home-routine/calendar',
                [CalendarFeedController::class, 'ofHead'],
            )->name('clients.home-routine.calendar');
            Route::delete(
                '/home-routine/calendar',
                [CalendarFeedController::class, 'dropOfHead'],
            )->name('clients.home-routine.calendar.drop');
            Route::post(
                '/home-routine/links',
                [HomeRoutineController::class, 'store'],
            )->name('clients.home-routine.link');
            Route::delete(
                '/home-routine/links/{link}',
                [HomeRoutineController::class, 'withdraw'],
            )->name('clients.home-routine.withdraw')->scopeBindings();
            Route::get('/trends/trials', [TrialController::class, 'index'])->name('clients.trials');
            Route::get('/style', [StyleController::class, 'show'])->name('clients.style');
            Route::post('/style', [StyleController::class, 'begin'])->name('clients.style.begin');
            Route::put('/style', [StyleController::class, 'keep'])->name('clients.style.keep');
            Route::delete('/style', [StyleController::class, 'end'])->name('clients.style.end');
            Route::get('/wash-days', [WashDayController::class, 'create'])->name('clients.wash-days');
            Route::post('/wash-days', [WashDayController::class, 'store'])->name('clients.wash-days.store');
            Route::delete(
                '/wash-days/{washDay:key}',
                [WashDayController::class, 'destroy'],
            )->name('clients.wash-days.undo')->scopeBindings();
        });

        Route::middleware('can:decide')->group(function (): void {
            Route::get('/trail', [TrailController::class, 'ofHead'])->name('clients.trail');
            Route::get('/practice', [LivedCaseController::class, 'show'])->name('clients.practice');
            Route::post('/practice', [LivedCaseController::class, 'store'])->name('clients.practice.store');
            Route::get('/record.json', [RecordController::class, 'show'])->middleware(AskPasswordAgain::class)->name('clients.record');
            Route::put(
                '/safety-flags/read',
                [SafetyFlagController::class, 'judge'],
            )->name('clients.safety-flags.judge');
            Route::put('/safety-flags', [SafetyFlagController::class, 'clear'])->name('clients.safety-flags.clear');
            Route::post('/plan/acts', [PlanController::class, 'act'])->name('clients.plan.act');
            Route::post('/plan/undo', [PlanController::class, 'undo'])->name('clients.plan.undo');
            Route::post('/plan/redo', [PlanController::class, 'redo'])->name('clients.plan.redo');
            Route::post('/plan/occasions', [PlanController::class, 'occasion'])->name('clients.plan.occasion');
            Route::delete(
                '/plan/wishes/{place}',
                [WhatIfController::class, 'withoutWish'],
            )->name('clients.plan.wishes.without')->where('place', '[0-9]{1,9}');
            Route::post('/plan/wishes', [WhatIfController::class, 'wish'])->name('clients.plan.wishes');
            Route::post('/plan/what-if', [WhatIfController::class, 'use'])->name('clients.plan.what-if.use');
            Route::delete(
                '/plan/occasions/{place}',
                [PlanController::class, 'withoutOccasion'],
            )->name('clients.plan.without')->where('place', '[0-9]{1,9}');
            Route::get('/plan/terms', [PlanTermsController::class, 'edit'])->name('clients.plan-terms');
            Route::put('/plan/terms', [PlanTermsController::class, 'update'])->name('clients.plan-terms.update');
            Route::post(
                '/plan/terms/by-hand',
                [PlanTermsController::class, 'setByHand'],
            )->name('clients.plan-terms.by-hand');
            Route::delete(
                '/plan/terms/by-hand/{date}',
                [PlanTermsController::class, 'takeBack'],
            )->name('clients.plan-terms.take-back')->where('date', '[0-9]{4}-[0-9]{2}-[0-9]{2}');
            Route::post(
                '/plan/terms/promise',
                [PlanTermsController::class, 'promise'],
            )->name('clients.plan-terms.promise');
            Route::delete(
                '/plan/terms/promise',
                [PlanTermsController::class, 'release'],
            )->name('clients.plan-terms.release');
            Route::post('/trends/trials', [TrialController::class, 'store'])->name('clients.trials.store');
            Route::delete(
                '/trends/trials/{trial}',
                [TrialController::class, 'end'],
            )->name('clients.trials.end')->scopeBindings();
            Route::post('/programmes', [TrialController::class, 'beginProgramme'])->name('clients.programmes.begin');
            Route::delete(
                '/programmes/{programme}',
                [TrialController::class, 'endProgramme'],
            )->name('clients.programmes.end')->scopeBindings();
        });

        Route::middleware('can:lead')->group(function (): void {
            Route::get('/history.pdf', [WholeHistoryController::class, 'pdf'])->middleware(AskPasswordAgain::class)->name('clients.history.pdf');
            Route::get('/history.json', [WholeHistoryController::class, 'json'])->middleware(AskPasswordAgain::class)->name('clients.history.json');
            Route::get('/parcel.zip', [DataTransferController::class, 'parcel'])->middleware(AskPasswordAgain::class)->name('clients.parcel');
            Route::get('/erase', [DataTransferController::class, 'farewell'])->middleware(AskPasswordAgain::class . ':page')->name('clients.erase');
            Route::delete('/', [DataTransferController::class, 'delete'])->middleware(AskPasswordAgain::class)->name('clients.delete');
        });
    });
});
