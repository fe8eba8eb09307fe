<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Product;
use App\Wording\Words;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Treatments\ContentFactor;
use Nagomi\Core\Treatments\ContentShare;
use Nagomi\Core\Treatments\StepKind;

/** What a bottle does to hair beside a usual one of its kind, in words: what the balance reckons with. */
final readonly class BottleEffects
{
    public function __construct(
        private Parameters $parameters,
        private StepBottles $stepBottles,
    ) {
    }

    /** @return list<string> a sentence each; none where its list says nothing */
    public function of(Product $product, IngredientBook $book): array
    {
        $contents = $this->stepBottles->contents($product, $book);
        if ($contents === null) {
            return [];
        }
        $said = match (ProductKind::tryFrom($product->kind)) {
            ProductKind::Mask => [
                ...$this->times(Content::Moisture, StepKind::Mask->value, $contents, 'moisture'),
                ...$this->brings($contents),
            ],
            ProductKind::Conditioner => [
                ...$this->times(Content::Moisture, StepKind::Conditioner->value, $contents, 'moisture'),
                ...$this->brings($contents),
            ],
            ProductKind::LeaveIn => [
                ...$this->times(Content::Moisture, StepKind::LeaveIn->value, $contents, 'moisture'),
                ...$this->brings($contents),
                $this->seals($contents),
            ],
            ProductKind::Protein => [
                ...$this->times(Content::Protein, StepKind::MildProtein->value, $contents, 'protein'),
                ...$this->times(Content::Protein, StepKind::StrongProtein->value, $contents, 'protein'),
            ],
            ProductKind::Shampoo => [
                ...$this->times(Content::Surfactant, CleanseKind::Gentle->value, $contents, 'cleanses'),
                ...$this->times(Content::Surfactant, CleanseKind::Shampoo->value, $contents, 'cleanses'),
            ],
            ProductKind::Clarifier => [
                ...$this->times(Content::Surfactant, CleanseKind::Clarifying->value, $contents, 'cleanses'),
                $this->chelates($contents),
            ],
            ProductKind::Oil => [$this->seals($contents)],
            ProductKind::PreWash => [$this->protects($contents)],
            default => [],
        };

        return [...$said, ...self::label($product, $contents)];
    }

    /** @return list<string> */
    private static function label(Product $product, BottleContents $contents): array
    {
        $sentence = $product->kind === ProductKind::Protein->value ? 'bottles.label-protein' : 'bottles.label';

        return $contents->labelMinutes === null ? [] : [Words::say($sentence, ['minutes' => $contents->labelMinutes])];
    }

    /** @return list<string> */
    private function times(Content $content, string $kind, BottleContents $contents, string $sentence): array
    {
        $of = $this->parameters->contents;
        $usual = $of->usualPercent[$kind][$content->value];
        $times = static fn (float $percent): string => Words::rounded(
            ContentFactor::of(new ContentShare($percent, $percent, $percent), $usual, $of)->times,
            1,
        );
        $share = $contents->of($content);

        return [Words::say("bottles.{$sentence}", [
            'kind' => Words::say("bottles.kinds.{$kind}"),
            'times' => $times($share->typicalPercent),
            'low' => $times($share->lowPercent),
            'high' => $times($share->highPercent),
        ])];
    }

    /** @return list<string> */
    private function brings(BottleContents $contents): array
    {
        $share = $contents->of(Content::Protein);
        $usual = $this->parameters->contents->usualPercent[StepKind::MildProtein->value][Content::Protein->value];
        $percent = static fn (float $of): int => (int) round(
            100 * ContentFactor::beside(new ContentShare($of, $of, $of), $usual)->times,
        );

        return $share->highPercent <= 0.0 ? [] : [Words::say('bottles.brings', [
            'percent' => $percent($share->typicalPercent),
            'low' => $percent($share->lowPercent),
            'high' => $percent($share->highPercent),
        ])];
    }

    private function seals(BottleContents $contents): string
    {
        $seals = $contents->of(Content::Sealing)->typicalPercent >= $this->parameters->contents->sealsFromPercent;

        return Words::say($seals ? 'bottles.seals' : 'bottles.seals-not');
    }

    private function chelates(BottleContents $contents): string
    {
        $percent = $contents->of(Content::Chelator)->typicalPercent;

        return $percent >= $this->parameters->contents->chelatesFromPercent
            ? Words::say('bottles.chelates', ['percent' => Words::rounded($percent, 1)])
            : Words::say('bottles.chelates-not');
    }

    private function protects(BottleContents $contents): string
    {
        $percent = $contents->of(Content::PenetratingOil)->typicalPercent;

        return $percent > 0.0
            ? Words::say('bottles.protects', ['percent' => Words::rounded($percent, $percent < 10 ? 1 : 0)])
            : Words::say('bottles.protects-not');
    }
}
