<?php

declare(strict_types=1);

/*
 * Who may know whom: one row for every room of the house, read like a sentence. What does not stand here is forbidden,
 * and a room without a row is refused. A row names rooms, or one class of a room where the rest of it stays closed.
 * Everybody knows their own room.
 */

return [
    // --- The trade and its arithmetic: plain PHP, without framework, clock, chance or output --------------------
    // What is to be said, as a key with its places; the words themselves are in lang/.
    'Core\Wording' => [],
    'Core\Parameters' => [],
    'Core\Statistics' => [],
    'Core\Climate' => ['Core\Wording'],
    'Core\Head' => ['Core\Parameters', 'Core\Wording'],
    'Core\Readings' => ['Core\Climate', 'Core\Head', 'Core\Parameters', 'Core\Statistics', 'Core\Wording'],
    'Core\Treatments' => ['Core\Head', 'Core\Parameters', 'Core\Wording'],
    'Core\Scalp' => [
        'Core\Climate', 'Core\Head', 'Core\Parameters', 'Core\Readings', 'Core\Safety', 'Core\Treatments',
        'Core\Wording',
    ],
    'Core\Safety' => ['Core\Wording'],
    'Core\Products' => ['Core\Head', 'Core\Parameters', 'Core\Treatments', 'Core\Wording'],
    // Whole cents, and nothing of hair.
    'Core\Pricing' => [],
    'Core\Trials' => ['Core\Parameters', 'Core\Statistics', 'Core\Wording'],
    'Core\Estimation' => [
        'Core\Climate', 'Core\Head', 'Core\Parameters', 'Core\Readings', 'Core\Statistics', 'Core\Treatments',
        'Core\Wording\Message',
    ],
    'Core\Planning' => [
        'Core\Climate', 'Core\Estimation', 'Core\Head', 'Core\Parameters', 'Core\Products', 'Core\Safety',
        'Core\Scalp', 'Core\Statistics', 'Core\Treatments',
        'Core\Wording',
    ],
    'Core\WashDay' => [
        'Core\Estimation', 'Core\Head', 'Core\Parameters', 'Core\Planning', 'Core\Products', 'Core\Readings',
        'Core\Safety', 'Core\Statistics', 'Core\Treatments',
        'Core\Wording',
    ],
    'Core\Scheduling' => [
        'Core\Parameters', 'Core\Statistics', 'Core\WashDay\WashDayPlan', 'Core\WashDay\WashDayStep',
        'Core\WashDay\WashStepKind',
        'Core\Wording',
    ],
    'Core\Record' => [
        'Core\Climate', 'Core\Estimation', 'Core\Head', 'Core\Parameters', 'Core\Planning', 'Core\Products',
        'Core\Readings', 'Core\Safety', 'Core\Scalp', 'Core\Treatments', 'Core\WashDay',
        'Core\Wording',
    ],
    // What a salon's own records say of the numbers all of it goes by.
    'Core\Learning' => ['Core\Estimation', 'Core\Parameters', 'Core\Statistics'],
    // Clients to practise on: hidden truth by the same equations, and who plays them beside whoever learns.
    'Core\Practice' => [
        'Core\Climate', 'Core\Estimation', 'Core\Head', 'Core\Parameters', 'Core\Planning', 'Core\Products',
        'Core\Readings', 'Core\Scalp', 'Core\Simulation', 'Core\Statistics', 'Core\Treatments', 'Core\Wording',
    ],
    // Virtual heads follow the model in code and numbers of their own, or they could not prove it.
    'Core\Simulation' => ['Core\Head', 'Core\Readings', 'Core\Statistics', 'Core\Treatments'],
    'Core\Validation' => [
        'Core\Climate', 'Core\Estimation', 'Core\Head', 'Core\Parameters', 'Core\Planning', 'Core\Readings',
        'Core\Simulation', 'Core\Statistics', 'Core\Treatments',
    ],

    // --- The application ----------------------------------------------------------------------------------------
    'App\Models' => ['Core\Wording'],
    'App\Policies' => ['App\Models'],
    'App\Wording' => [
        'App\Models', 'Core\Climate', 'Core\Head', 'Core\Planning\PlanTerms', 'Core\Readings', 'Core\Treatments',
        'Core\Wording',
    ],
    'App\Drawings' => ['App\Models', 'App\Wording', 'Core\Head'],
    // The only place that turns models into the core's objects and back.
    'App\Bridge' => [
        'App\Models', 'App\Wording',
        'Core\Climate', 'Core\Estimation', 'Core\Head', 'Core\Learning', 'Core\Parameters', 'Core\Planning',
        'Core\Practice', 'Core\Pricing', 'Core\Products', 'Core\Readings', 'Core\Record', 'Core\Safety', 'Core\Scalp', 'Core\Scheduling',
        'Core\Statistics', 'Core\Treatments', 'Core\Trials', 'Core\WashDay',
        'Core\Wording',
    ],
    // What a screen shows: the values of the core, never what works them out.
    'App\Pages' => [
        'App\Bridge', 'App\Drawings', 'App\Instruments\Device', 'App\Models', 'App\Policies\Reach', 'App\Wording',
        'Core\Climate\WeatherFile', 'Core\Wording\Message', 'Core\Head', 'Core\Parameters', 'Core\Pricing', 'Core\Products', 'Core\Readings', 'Core\Safety',
        'Core\Scheduling', 'Core\Statistics', 'Core\Treatments', 'Core\Trials\CauseChange', 'Core\Trials\EqualWeeks',
        'Core\WashDay', 'Core\Learning\Calibration', 'Core\Learning\ResultsAlarm', 'Core\Learning\ResultsBy',
        'Core\Learning\ResultsFinding', 'Core\Learning\ResultsGroup', 'Core\Estimation\LedgerLine', 'Core\Estimation\Snapshot', 'Core\Estimation\StateLayout', 'Core\Planning\Future',
        'Core\Planning\OccasionKind', 'Core\Planning\PlanChange', 'Core\Planning\PlanTerms', 'Core\Planning\TrimGoal', 'Core\Planning\WeekTime',
    ],
    // What people do.
    'App\Care' => [
        'App\Bridge', 'App\Models', 'App\Notifications', 'App\Wording',
        'Core\Estimation\ReadingNoise', 'Core\Estimation\ReadingNoiseEstimator',
        'Core\Estimation\StylistBiasEstimator', 'Core\Head', 'Core\Parameters', 'Core\Planning\PriceLevel',
        'Core\Products', 'Core\Readings', 'Core\Record', 'Core\Safety', 'Core\Scalp\ReferValues', 'Core\Scheduling',
        'Core\Treatments', 'Core\WashDay',
    ],
    'App\Channels' => ['App\Models', 'App\Wording'],
    'App\Notifications' => ['App\Channels', 'App\Models'],
    'App\Jobs' => [
        'App\Bridge', 'App\Care', 'App\Channels', 'App\Models', 'App\Notifications', 'App\Wording',
    ],
    'App\Console' => ['App\Bridge', 'App\Care', 'App\Jobs', 'App\Models'],
    'App\Exceptions' => ['App\Http\Resources\Problem'],
    'App\Instruments' => [
        'App\Bridge', 'App\Models', 'App\Wording', 'Core\Climate', 'Core\Head', 'Core\Parameters', 'Core\Simulation',
        'Core\Statistics', 'Core\Treatments',
    ],
    'App\Http\Assets' => [],
    // Laravel's sessions, kept where several machines share them.
    'App\Http\Sessions' => ['App\Bridge\Accounts'],
    // What other programs are answered: models as JSON, and what went wrong.
    'App\Http\Resources' => ['App\Models'],
    'App\Http\Middleware' => [
        'App\Care\Accounts\TypedPassword', 'App\Care\Shared', 'App\Exceptions\ApiRefusal',
        'App\Http\Resources\Problem', 'App\Models', 'App\Wording',
    ],
    // What was typed becomes values of the core here, or a sentence that says what to type instead.
    'App\Http\Requests' => [
        'App\Bridge', 'App\Care\Accounts\FirstCode', 'App\Care\Accounts\SecondStep', 'App\Care\Accounts\SignIn',
        'App\Care\Acts', 'App\Models', 'App\Pages', 'App\Wording',
        'Core\Climate', 'Core\Head', 'Core\Parameters', 'Core\Planning', 'Core\Products', 'Core\Readings',
        'Core\Record', 'Core\Treatments', 'Core\WashDay', 'Core\Wording\Message',
    ],
    'App\Http\Controllers' => [
        'App\Care', 'App\Exceptions\ApiRefusal', 'App\Http\Assets', 'App\Http\Requests', 'App\Http\Resources',
        'App\Instruments', 'App\Jobs', 'App\Models', 'App\Pages',
        'App\Policies', 'App\Wording',
    ],
    'App\Providers' => [
        'App\Bridge\Accounts', 'App\Bridge\Learning\SalonParameters', 'App\Bridge\Plans\SeasonPlanned',
        'App\Care\Products\MaskLabels', 'App\Care\Programs\Announcer',
        'App\Care\Scheduling\RequotedBookings', 'App\Care\Shared\RollbackOnlyConnection',
        'App\Channels', 'App\Http\Assets', 'App\Http\Sessions', 'App\Jobs\DeliverWebhook', 'App\Models', 'App\Pages',
        'App\Policies\Reach',
        'App\Wording', 'Core\Parameters', 'Core\Statistics',
        'Core\Wording',
    ],
];
