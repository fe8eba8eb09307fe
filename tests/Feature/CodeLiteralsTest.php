<?php

declare(strict_types=1);

/* Sentences stand in lang/ only: application code or a script that says something by itself is found. */

use Symfony\Component\Finder\Finder;

/** What is no sentence of a screen, by file: names in open formats, keys of records, fonts. */
const NO_SCREEN_SAYS = [
    // Columns other programs call so, and rows of a table that goes out.
    'Pages/Reports/ReportsScreen.php' => 14,
    // Keys of the audit trail, of a record or of a place that is asked for.
    'Care/Imports/ImportTaking.php' => 1, 'Care/DataTransfer/RecordTransfer.php' => 2, 'Models/Head.php' => 1,
    'Http/Controllers/WholeHistoryController.php' => 1,
    'Http/Controllers/DataTransferController.php' => 2, 'Http/Controllers/TrendsController.php' => 1,
    'Care/HomeCards/HomeActs.php' => 1, 'Care/Scheduling/BookingPlaces.php' => 1,
    'Bridge/Archive/SalonTables.php' => 1, 'Bridge/Scheduling/SalonSchedule.php' => 1,
    'Pages/Today/OfferedDays.php' => 1,
    'Pages/Today/HandoverScreen.php' => 1, 'Pages/Today/DayQuestions.php' => 1, 'Pages/Today/PlacedClients.php' => 1,
    // What a metric is, for whoever looks after the machine.
    'Care/Monitoring/SystemMetrics.php' => 14,
    // What Redis is told to do, and what a database says of itself.
    'Bridge/Accounts/SessionsInRedis.php' => 1, 'Care/Shared/BookIsAway.php' => 1,
    'Care/Shared/RollbackOnlyConnection.php' => 3,
    // Letters by their names.
    'Pages/HomeRoutine/PaperFonts.php' => 5,
    // What a mistake of ours is told as, and PHP that a directive stands for.
    'Care/Shared/WriteProtocol.php' => 3,
    'Providers/BladeServiceProvider.php' => 1,
];

/** The same of the core. */
const NO_SCREEN_READS = [
    // Values of a kind, in records and addresses; lang/ has their words.
    'Climate/WaterHardness.php' => 1, 'Estimation/BalanceCell.php' => 1, 'Readings/Feel.php' => 1,
    'Readings/MoistureMeter.php' => 1, 'Readings/RawMeasure.php' => 2, 'Readings/Unit.php' => 2,
    'Scheduling/HandsHours.php' => 6,
    // Subjects of lines of the ledger, which is told by their kind.
    'Estimation/KalmanFilter.php' => 1, 'Estimation/LedgerWriter.php' => 2,
    // What labels say, in the languages they are printed in, and a note of the ingredient book.
    'Products/IngredientBook.php' => 1, 'Products/IngredientList.php' => 3, 'Products/IngredientName.php' => 5,
    // A day as PHP is asked for it.
    'Products/Stock.php' => 1,
    // Units a care record names in what it refuses.
    'Record/PlanTermsFields.php' => 1, 'Record/SalonFields.php' => 2,
];

/** @return list<string> what a file of the application says by itself: two words in a row that no machine reads */
function sentencesOfCode(string $code): array
{
    $found = [];
    $isThrown = false;
    foreach (PhpToken::tokenize($code) as $token) {
        $isThrown = $token->is(T_THROW) || $isThrown && $token->text !== ';';
        if ($isThrown || ! $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE])) {
            continue;
        }
        $text = trim($token->text, "'\"");
        $isForMachines = preg_match(
            '/charset=|filename=|^(private|no-store|noindex|public),| as |\bselect\b|\bsum\(|^\w+ is (not )?null$|, sum\(/',
            $text,
        ) === 1;
        if (! $isForMachines && preg_match('/\p{L}{2,}[,.;:]? \p{L}{2,}/u', $text) === 1) {
            $found[] = $text;
        }
    }

    return $found;
}

/** @return list<string> what a script says by itself */
function sentencesOfScript(string $script): array
{
    $script = (string) preg_replace('#/\*.*?\*/|^\s*//.*$|throw new \w+\(.*\)#ms', '', $script);
    preg_match_all('/([\'`])((?:(?!\1)[^\\\\\n])*)\1/', $script, $strings);

    return array_values(array_filter(
        $strings[2],
        fn (string $text): bool => preg_match('/^\p{Lu}\p{Ll}+(?:[ ,.].*)? \p{L}{2,}/u', $text) === 1,
    ));
}

it('finds no code of the application that says something by itself', function (): void {
    $found = [];
    foreach ((new Finder())->files()->in(app_path())->notPath('Console')->name('*.php')->sortByName() as $file) {
        $sentences = sentencesOfCode($file->getContents());
        $path = $file->getRelativePathname();
        // As many as are named above, so that the list grows by nobody's oversight and shrinks with the code.
        if (count($sentences) !== (NO_SCREEN_SAYS[$path] ?? 0)) {
            $found[$path] = $sentences;
        }
    }
    expect($found)->toBe([])
        // A line of the log, which no screen shows.
        ->and(sentencesOfCode((string) file_get_contents(base_path('bootstrap/app.php'))))
        ->toBe(['The database cannot be reached.']);
});

it('finds no code of the core that says something by itself', function (): void {
    $found = [];
    $core = base_path('core/src');
    // What only its own tests, a file of parameters or a page of docs reads is no sentence of a screen.
    $finder = (new Finder())->files()->in($core)->notPath(['Parameters', 'Simulation', 'Validation', 'Statistics']);
    foreach ($finder->name('*.php')->sortByName() as $file) {
        $sentences = sentencesOfCode($file->getContents());
        $path = $file->getRelativePathname();
        if (count($sentences) !== (NO_SCREEN_READS[$path] ?? 0)) {
            $found[$path] = $sentences;
        }
    }
    expect($found)->toBe([]);
});

it('finds no script that says something by itself', function (): void {
    $found = [];
    foreach ((new Finder())->files()->in(public_path('js'))->name('*.js')->sortByName() as $file) {
        $sentences = sentencesOfScript($file->getContents());
        if ($sentences !== []) {
            $found[$file->getRelativePathname()] = $sentences;
        }
    }
    expect($found)->toBe([]);
});

/** Keys made readable by taking their hyphens out are English words in every language. */
const WORDS_OF_KEYS = '/str_replace\(\s*\'[-_]\', \' \'|replaceAll\(\'[-_]\', \' \'\)|replace\(\/[-_]\/g, \' \'\)/';

it('finds no key that is shown as a word', function (): void {
    $found = [];
    $folders = [app_path(), resource_path('views'), public_path('js'), base_path('core/src')];
    $finder = (new Finder())->files()->in($folders);
    foreach ($finder->notPath('Console')->name(['*.php', '*.js'])->sortByName() as $file) {
        if (preg_match(WORDS_OF_KEYS, $file->getContents()) === 1) {
            $found[] = $file->getRelativePathname();
        }
    }
    expect($found)->toBe([])
        ->and(preg_match(WORDS_OF_KEYS, "ucfirst(str_replace('-', ' ', \$kind))"))->toBe(1)
        ->and(preg_match(WORDS_OF_KEYS, "kind.replaceAll('-', ' ')"))->toBe(1);
});

it('notices a sentence in code and in a script', function (): void {
    expect(sentencesOfCode('<?php $a = "Noted. {$b} falls"; $c = \'Choose another day.\'; $d = Words::say(\'a.b-c\');'))
        ->toBe(['Choose another day.'])
        ->and(sentencesOfCode('<?php throw new LogicException("No such thing here."); $a = "{$b} is booked now.";'))
        ->toBe([' is booked now.'])
        ->and(sentencesOfCode('<?php $q = "sum(ml) as ml"; $h = "text/csv; charset=utf-8";'))->toBe([])
        ->and(sentencesOfScript("say('Left as it is.'); // 'A note of ours'\nword('kept');"))->toBe(['Left as it is.'])
        ->and(sentencesOfScript('throw new TypeError(`Nobody deals with: ${a}.`); say(words("plan-left"));'))->toBe([]);
});
