<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\WashDays\WashResults;
use App\Models\Head;
use App\Models\Product;
use App\Models\WashSessionAct;
use App\Models\WashStep;
use App\Wording\MessageLanguage;
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Crypt;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Products\BottleCandidate;
use Nagomi\Core\Products\BottleFacts;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\BottleProfile;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\WashDay\WhatWorked;

/**
 * Reads the bottles there are for a client, what is known of each, and which went with the best wash days.
 *
 * @phpstan-import-type ProductChoice from ClientProducts
 * @phpstan-type KeptShelf array{
 *     rows: array<string, ProductChoice>, salon: array<string, list<BottleCandidate>>,
 *     own: array<string, list<BottleCandidate>>, worked: array<string, array<string, BottleProfile>>,
 *     results: WhatWorked,
 * }
 */
final readonly class ClientShelves
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(
        private HeadRecord $headRecord,
        private ProductFit $productFit,
        private WashResults $washResults,
    ) {
    }

    public function of(Head $head): ClientShelf
    {
        $head->loadMissing(['salon', 'zoneParts']);
        $core = $this->headRecord->core($head);
        $kept = $this->kept($head);

        return new ClientShelf(
            $head,
            $core,
            $kept['rows'],
            $kept['salon'],
            $kept['own'],
            $kept['worked'],
            $kept['results'],
            $core->proteinSensitive || $core->method->says(MethodQuestion::Protein, 'avoided'),
            self::countingDays($head),
        );
    }

    /** What is kept of a client goes with the client. */
    public static function forget(Head $head): void
    {
        foreach (array_keys(MessageLanguage::NAMES) as $language) {
            Cache::forget(self::place($head, $language));
        }
    }

    /** It says amounts and reasons, so each language has its own. */
    private static function place(Head $head, string $language): string
    {
        return "shelf.{$head->id}.{$language}";
    }

    /**
     * Reading every list anew takes longer than all the rest of a page, so it is kept until something changes that it
     * hangs on: encrypted, as it tells of allergies.
     *
     * @return KeptShelf
     */
    private function kept(Head $head): array
    {
        $fingerprint = ShelfFingerprint::of($head, $this->productFit->humidity($head, $head->salon));
        $place = self::place($head, app()->getLocale());
        $kept = Cache::get($place);
        if (is_array($kept) && ($kept['of'] ?? '') === $fingerprint && is_string($kept['shelf'] ?? null)) {
            /** @var KeptShelf */
            return Crypt::decrypt($kept['shelf']);
        }
        $shelf = $this->read($head);
        Cache::put(
            $place,
            ['of' => $fingerprint, 'shelf' => Crypt::encrypt($shelf)],
            self::KEPT_SECONDS,
        );

        return $shelf;
    }

    /** @return KeptShelf */
    private function read(Head $head): array
    {
        $known = $this->known($head);
        $disliked = $this->disliked($head);
        $results = $this->washResults->bottles($head);
        $best = $results->wentWithBest();
        $products = $this->productFit->forHead($head, $head->salon);
        $rows = $bottles = $worked = [];
        foreach ($products->kinds->flatMap(static fn (Collection $of): array => $of->all()) as $row) {
            $product = $row['product'];
            $rows[$product->id] = $row;
            $bottles[] = [$product, self::candidate(
                $row,
                isset($known[$product->name]),
                isset($disliked[$product->id]),
            )];
            if (in_array($product->name, $best, true) && $row['refusal'] !== BottleMiss::MostlyUnknown) {
                $worked[$product->kind][$product->id] = $row['profile'];
            }
        }
        foreach ($products->unread as $product) {
            $bottles[] = [$product, self::unknown($product)];
        }

        return [
            'rows' => $rows,
            'salon' => self::byKind($bottles, static fn (Product $product): bool => $product->head_id === null),
            'own' => self::byKind($bottles, static fn (Product $product): bool => $product->head_id !== null),
            'worked' => $worked,
            'results' => $results,
        ];
    }

    /**
     * @param list<array{Product, BottleCandidate}> $bottles
     * @param Closure(Product): bool                $isOf
     *
     * @return array<string, list<BottleCandidate>>
     */
    private static function byKind(array $bottles, Closure $isOf): array
    {
        $kinds = [];
        foreach ($bottles as [$product, $bottle]) {
            if ($isOf($product)) {
                $kinds[$product->kind][] = $bottle;
            }
        }

        return $kinds;
    }

    /** @param ProductChoice $row */
    private static function candidate(array $row, bool $isKnown, bool $isDisliked): BottleCandidate
    {
        return new BottleCandidate(
            $row['product']->id,
            $row['product']->name,
            $row['verdict'] === 'good',
            $row['facts'],
            $row['profile'],
            $row['refusal'],
            $isKnown,
            $isDisliked,
            $row['cost_cents'],
        );
    }

    private static function unknown(Product $product): BottleCandidate
    {
        return new BottleCandidate(
            $product->id,
            $product->name,
            false,
            new BottleFacts('none', 'none', false, false, null, $product->left_ml, $product->label_minutes),
            new BottleProfile(new BottleContents([]), ['low', 'high']),
            BottleMiss::NotRead,
        );
    }

    /** @return list<string> */
    private static function countingDays(Head $head): array
    {
        $days = [];
        foreach (is_array($head->season['occasions'] ?? null) ? $head->season['occasions'] : [] as $occasion) {
            if (
                is_array($occasion) && ($occasion['kind'] ?? '') === OccasionKind::BestDay->value
                    && is_string($occasion['from'] ?? null)
            ) {
                $days[] = $occasion['from'];
            }
        }

        return $days;
    }

    /** @return array<string, true> products this client did not like at a wash, by id */
    private function disliked(Head $head): array
    {
        $acts = WashSessionAct::query()
            ->join('wash_sessions', 'wash_sessions.id', '=', 'wash_session_acts.wash_session_id')
            ->where('wash_sessions.head_id', $head->id)
            ->where('wash_session_acts.kind', 'bottle')
            ->whereNull('wash_session_acts.refused')
            ->pluck('wash_session_acts.value');
        $disliked = [];
        foreach ($acts as $value) {
            $said = is_string($value) ? json_decode($value, true) : $value;
            if (is_array($said) && ($said['why'] ?? '') === 'disliked' && is_string($said['instead_of'] ?? null)) {
                $disliked[$said['instead_of']] = true;
            }
        }

        return $disliked;
    }

    /** @return array<string, true> products this client was washed with before, by name */
    private function known(Head $head): array
    {
        /** @var list<string> $names */
        $names = WashStep::query()
            ->join('wash_days', 'wash_days.id', '=', 'wash_steps.wash_day_id')
            ->where('wash_days.head_id', $head->id)
            ->whereNotNull('wash_steps.product')
            ->distinct()
            ->pluck('wash_steps.product')
            ->all();

        return array_fill_keys($names, true);
    }
}
