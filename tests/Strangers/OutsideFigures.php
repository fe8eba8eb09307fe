<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Bridge\Plans\Outlooks;
use App\Bridge\Readings\SignsOverTime;
use App\Models\Booking;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Product;
use App\Models\Reading;
use App\Models\Salon;
use App\Pages\Products\ProductsScreen;
use App\Pages\Reports\ReportPeriod;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;

/**
 * The rows of a salon, beside what its screens show of them, for a program outside to recompute:
 * tests/Reference/scripts/figures.py, which knows none of the product's code.
 */
final readonly class OutsideFigures
{
    public function __construct(private FeatureTestCase $test)
    {
    }

    /** @return array{kinds: array<string, int>, figures: int, wrong: list<mixed>} */
    public function compared(array $dump): array
    {
        $process = new Process(['python3', dirname(__DIR__) . '/Reference/scripts/figures.py']);
        $process->setInput(json_encode($dump, JSON_THROW_ON_ERROR))->setTimeout(120)->mustRun();

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> */
    public function of(Salon $salon): array
    {
        $today = $salon->today();
        $heads = Head::query()->with(['outlook', 'salon'])->where('salon_id', $salon->id)->orderBy('name')->get();

        return [
            'parameters' => $this->parameters(),
            'now' => now()->format('Y-m-d'),
            'since' => SignsOverTime::from($today)->format('Y-m-d'),
            'period' => ReportPeriod::asked($salon, '', '')->dates(),
            'rows' => [
                'heads' => $heads->map($this->head(...))->all(),
                'bookings' => Booking::query()->with('user')->where('salon_id', $salon->id)->get()->map(
                    fn (Booking $booking): array => [
                        'date' => $booking->date->format('Y-m-d'), 'status' => $booking->status->value,
                        'by' => $booking->user->name, 'minutes' => $booking->minutes,
                        'price_cents' => $booking->price_cents, 'begun_at' => $booking->begun_at?->format('c'),
                        'ended_at' => $booking->ended_at?->format('c'),
                    ],
                )->all(),
                'moves' => DB::table('stock_moves')->where('salon_id', $salon->id)->get()->map(
                    fn (object $move): array => [
                        'product' => $move->product_id, 'kind' => $move->kind, 'ml' => (float) $move->ml,
                        'moved_at' => $move->moved_at,
                    ],
                )->all(),
                'products' => Product::query()->where('salon_id', $salon->id)->whereNull('head_id')->get()->map(
                    fn (Product $product): array => $product->only(['id', 'name', 'price_cents', 'size_ml', 'left_ml']),
                )->all(),
            ],
            'shown' => [
                'report' => $this->csv('/reports.csv'),
                'days_left' => app(ProductsScreen::class)->shelf($salon)->rows->mapWithKeys(
                    fn (array $row): array => [$row['product']->id => $row['days_left']],
                )->all(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function head(Head $head): array
    {
        $outlook = app(Outlooks::class)->current($head);

        return [
            'id' => $head->id, 'name' => $head->name,
            'readings' => $head->readings()->get()->map(fn (Reading $reading): array => [
                'id' => $reading->id, 'date' => $reading->date->format('Y-m-d'), 'moment' => $reading->moment,
                'test' => $reading->test, 'raw' => $reading->raw, 'zone' => $reading->zone, 'by' => $reading->by,
            ])->all(),
            'hair_balance' => $outlook->hair_balance, 'standing' => $outlook->standing, 'cells' => $outlook->cells,
            'shares' => array_column($outlook->standing, 'share'),
            'balance_days' => DB::table('balance_days')->where('head_id', $head->id)->get(['date', 'in_balance'])
                ->all(),
            'plan' => $head->planItems()->where('status', 'planned')->get()->map(
                fn (PlanItem $item): array => ['minutes' => $item->minutes],
            )->all(),
            'shown' => [
                'trends' => $this->csv("/clients/{$head->id}/trends.csv"),
                'signs' => $outlook->signs, 'plan_minutes' => $outlook->plan_minutes,
            ],
        ];
    }

    /** @return list<array<string, string>> rows of a table that goes out */
    private function csv(string $path): array
    {
        $response = $this->test->get($path)->assertOk()->baseResponse;
        $content = $response instanceof \Symfony\Component\HttpFoundation\StreamedResponse
            ? $this->test->get($path)->streamedContent()
            : (string) $response->getContent();
        $lines = array_map(
            fn (string $line): array => str_getcsv($line, escape: ''),
            array_filter(
                explode("\n", str_replace(["\r", "\u{FEFF}"], '', $content)),
                fn (string $line): bool => $line !== '',
            ),
        );
        $names = array_shift($lines) ?? throw new RuntimeException("{$path} is empty");

        return array_map(fn (array $line): array => array_combine($names, $line), $lines);
    }

    /** @return list<array{string, string, string}> name, key and value, as the table of parameters has them */
    private function parameters(): array
    {
        $rows = array_map(
            fn (string $line): array => str_getcsv($line, escape: ''),
            file(dirname(__DIR__, 2) . '/core/data/parameters.csv', FILE_IGNORE_NEW_LINES) ?: [],
        );

        return array_map(fn (array $row): array => [$row[0], $row[1], $row[2]], array_slice($rows, 1));
    }
}
