<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Models\Head;
use Tests\Feature\FeatureTestCase;

/** The sentences of the pages of a head contradict neither one another nor their own numbers. */
final readonly class Sentences
{
    /** What must not be said on one page. */
    private const NEVER_TOGETHER = [
        ['Nothing stands out', 'Changed for the worse'],
        ['Nothing is tested yet: all of this is estimated', 'usual: '],
        ['Not tested yet: the usual gentle care', '% in balance'],
        ['it comes to the same', 'more days out of balance'],
        ['there is enough', ', too little'],
        ['there is enough', 'none there'],
        ['Nobody reads further', 'further off than nineteen'],
        ['no sign of build-up', ', with build-up'],
    ];

    private const NEVER = [
        'no number' => '/\b(NaN|INF|null|undefined)\b/',
        'a place in a sentence that nobody filled' => '/(?<=\s):[a-z][a-z_-]+\b/',
        'a key instead of words' => '/\b(?:' . self::FILES . ')\.[a-z][a-z_-]+(?:\.[\w-]+)+/',
        'one, and a plural' => '/(?<![\d.,−:–+-])1 (' . self::PLURALS . ')\b/u',
        'less than nothing' => '/(?<![\d.])[−-]0(\.0+)?(?![\d.:])(?= |$)/u',
    ];

    private const FILES = 'accounts|acts|amounts|api|begin|booking|bottles|causes|cautions|chair-work|clients|connections|consent|contact'
        . '|data-transfer|errors|forgetting|forms|hair-balance|hair-tests|head-map|history|home-routine|hours|import|import-words|intake|layout|ledger|limits'
        . '|label-claims|messages|mix|nagomi|names|needs|now|offline|past-washes|people|picture-help|pictures|plan|plan-acts'
        . '|planning|prices|products|programmes|readings|records|refusals|reports|restore|rules|said|salon|scalp|series|several'
        . '|signs|strata|style|suitability|terms|tests|today|trail|trends|trial-results|trials|validation|verdict|wash'
        . '|wash-day|weather|weekdays|what-if|whole-history|wishes|yardsticks';

    private const PLURALS = 'days|minutes|hairs|readings|masks|heads|clients|weeks|zones|sections|counts|washes|tests'
        . '|visits|presses|spoons|teaspoons|tablespoons|drops|pairs|cautions|trials|treatments|wash days|points|knots|bookings';

    public function __construct(private FeatureTestCase $test)
    {
    }

    public function everywhere(Head $head): void
    {
        $of = "/clients/{$head->id}";
        $wrong = [];
        foreach (
            [
                $of, "{$of}/plan", "{$of}/history", "{$of}/history/ledger", "{$of}/history/cause",
                "{$of}/history/cause?of=breakage", "{$of}/trends", "{$of}/plan/what-if?change=no-mask",
                "{$of}/home-routine", "{$of}/hair-tests", "{$of}/products", "{$of}/wash", "{$of}/wash-days",
                "{$of}/trends/trials", '/reports', '/reports/team', '/products', '/today', '/clients',
            ] as $page
        ) {
            $html = (string) $this->test->get($page)->assertOk()->baseResponse->getContent();
            $wrong = [...$wrong, ...self::wrongOn($page, $html)];
        }
        expect($wrong)->toBe([], implode("\n", $wrong));
    }

    /** @return list<string> what is wrong with it */
    public static function wrongOn(string $page, string $html): array
    {
        // What is typed by people or read by machines is not ours to word.
        $html = (string) preg_replace('~<(script|style|svg|textarea|select|template)\b.*?</\1>~s', ' ', $html);
        // Where a cell or a line ends, what stands beside it is another thing.
        $html = (string) preg_replace('~</(td|th|li|p|dt|dd|h[1-6]|a|button|label|option)>~', ' | ', $html);
        $text = html_entity_decode(strip_tags(str_replace('<', ' <', $html)), ENT_QUOTES | ENT_HTML5);
        $text = (string) preg_replace('/\s+/u', ' ', $text);
        $wrong = [];
        foreach (self::NEVER_TOGETHER as [$one, $other]) {
            if (str_contains($text, $one) && str_contains($text, $other)) {
                $wrong[] = "{$page}: {$one} and {$other}";
            }
        }
        foreach (self::NEVER as $says => $pattern) {
            if (preg_match($pattern, $text, $match, PREG_OFFSET_CAPTURE) === 1) {
                $wrong[] = "{$page}: {$says}: " . mb_strcut($text, max(0, $match[0][1] - 40), 100);
            }
        }

        // What is said at length is said once.
        preg_match_all('/[^.;]{3,}\. What stands in the way: [^.]+\./u', $text, $held);
        foreach (array_count_values($held[0]) as $words => $times) {
            if ($times > 1) {
                $wrong[] = "{$page}: said {$times} times: {$words}";
            }
        }

        return [...$wrong, ...self::turnedRound($page, $text)];
    }

    /** @return list<string> ranges that end before they begin */
    private static function turnedRound(string $page, string $text): array
    {
        $number = '(−?(?!20\d\d\b)\d[\d,]*(?:\.\d+)?)';
        preg_match_all("/(?<![\w.±−-]){$number} to {$number}(?![\w.])/u", $text, $ranges, PREG_SET_ORDER);
        $wrong = [];
        foreach ($ranges as [$words, $from, $to]) {
            if ((float) strtr($from, ['−' => '-', ',' => '']) > (float) strtr($to, ['−' => '-', ',' => ''])) {
                $wrong[] = "{$page}: {$words}";
            }
        }

        return $wrong;
    }
}
