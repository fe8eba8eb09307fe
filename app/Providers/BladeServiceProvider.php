<?php

declare(strict_types=1);

namespace App\Providers;

use App\Pages\Accounts\OtherSalons;
use App\Pages\Components\Act;
use App\Pages\Components\ChairWork;
use App\Pages\Components\Hand;
use App\Pages\Components\Measure;
use App\Pages\Components\Offline;
use App\Pages\Components\PictureGuides;
use App\Pages\Components\Portrait;
use App\Pages\Components\Results;
use App\Pages\Components\Scalp;
use App\Policies\Reach;
use App\Wording\BrokenRules;
use App\Wording\ClientName;
use App\Wording\MessageLanguage;
use App\Wording\Said;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\View\View as ViewOfPage;

/** What a template can say without naming a class. */
final class BladeServiceProvider extends ServiceProvider
{
    /** Directives by name: what is echoed, escaped. */
    private const DIRECTIVES = [
        'money' => '\\App\\Wording\\Money::shown(%s, auth()->user()->salon->currency)',
        'said' => '\\App\\Wording\\Said::of(%s)',
        'stratum' => '\\App\\Wording\\Said::stratum(%s)',
        'steps' => '\\App\\Wording\\StepWords::summary(%s)',
        'step' => '\\App\\Wording\\StepWords::line(%s)',
        'number' => '\\App\\Wording\\Words::number(%s)',
        'unit' => '\\App\\Wording\\SignWords::unit(%s)',
        'sign' => '\\App\\Wording\\SignWords::name(%s)',
        'signed' => '\\App\\Wording\\Words::signed(%s)',
        'day' => '\\App\\Wording\\SalonClock::dayInWords(%s)',
        'caution' => '\\App\\Wording\\Said::of(\\Nagomi\\Core\\Safety\\Caution::from(%s)->sentence())',
        'traits' => '\\App\\Wording\\MeasuredTraits::of(%s)->inShort()',
        'shortened' => '\\Illuminate\\Support\\Str::limit(%s)',
    ];

    public function boot(): void
    {
        Blade::component('act', Act::class);
        Blade::component('chair-work', ChairWork::class);
        Blade::component('offline', Offline::class);
        Blade::component('measure', Measure::class);
        Blade::component('hand', Hand::class);
        Blade::component('picture-guides', PictureGuides::class);
        Blade::component('portrait', Portrait::class);
        Blade::component('results', Results::class);
        Blade::component('scalp', Scalp::class);
        View::composer('components.layout', static fn (ViewOfPage $page): ViewOfPage => $page->with([
            'otherLanguages' => array_diff_key(MessageLanguage::NAMES, [app()->getLocale() => true]),
            'otherSalons' => app(OtherSalons::class)->ofSignedIn(),
            'salonIs' => Reach::ofSignedIn('salon.edit') ? 'salon.edit' : 'salon.people',
        ]));
        Blade::if('reaches', Reach::ofSignedIn(...));
        Blade::if('named', static fn (): bool => ! ClientName::isHidden());
        View::share('called', ClientName::shown(...));
        View::share('said', Said::kept(...));
        View::share('brokenBy', BrokenRules::of(...));
        View::share('saidWithin', Said::within(...));
        View::share('stratumName', Said::stratum(...));
        View::share('signed', Words::signed(...));
        View::share('rounded', Words::rounded(...));
        View::share('dated', SalonClock::dayInWords(...));
        foreach (self::DIRECTIVES as $name => $says) {
            Blade::directive($name, static fn (string $of): string => '<?php echo e(' . sprintf($says, $of) . '); ?>');
        }
    }
}
