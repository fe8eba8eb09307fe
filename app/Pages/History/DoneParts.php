<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Bridge\Readings\MeasuredSigns;
use App\Models\Booking;
use App\Models\Head;
use App\Models\HomeAct;
use App\Models\OutboxMessage;
use App\Models\Picture;
use App\Models\PlanItem;
use App\Models\Product;
use App\Models\Programme;
use App\Models\Reading;
use App\Models\Style;
use App\Models\WashDay;
use App\Models\WashStep;
use App\Wording\Money;
use App\Wording\Said;
use App\Wording\SalonClock;
use App\Wording\StepWords;
use App\Wording\Words;

/** What was done with a client, measured, planned, written and kept: visits, washes, results, pictures, messages. */
final readonly class DoneParts
{
    public function __construct(private MeasuredSigns $measuredSigns)
    {
    }

    /** @return list<HistoryPart> */
    public function of(Head $head): array
    {
        return [
            $this->bookings($head), $this->washDays($head), $this->results($head), $this->standing($head),
            $this->plan($head), $this->programmes($head), $this->styles($head), $this->home($head),
            $this->products($head), $this->pictures($head),
            $this->messages($head),
        ];
    }

    private function bookings(Head $head): HistoryPart
    {
        $rows = [];
        $bookings = Booking::query()->with('user:id,salon_id,name')->where('head_id', $head->id)->orderBy('starts_at');
        foreach ($bookings->get() as $of) {
            $rows[] = [
                SalonClock::dayInWords($of->date),
                SalonClock::shown(SalonClock::minute($head->salon, $of->date, $of->starts_at)),
                $of->service, $of->user->name, Words::of("booking_statuses.{$of->status->value}"),
                Money::shown($of->price_cents, $head->salon->currency), (string) $of->because,
            ];
        }

        return self::part('bookings', ['day', 'time', 'service', 'by', 'status', 'price', 'note'], $rows);
    }

    private function washDays(Head $head): HistoryPart
    {
        $rows = [];
        $washDays = WashDay::query()->with('steps')->where('head_id', $head->id)->orderBy('date')->orderBy('id');
        foreach ($washDays->get() as $of) {
            $steps = array_map(
                static fn (WashStep $step): string => StepWords::line($step->attributesToArray()),
                array_values($of->steps->all()),
            );
            $rows[] = [
                SalonClock::dayInWords($of->date)
                    . ($of->approximate ? ' (' . Words::say('intake.fields.approximate') . ')' : ''),
                Words::of("places.{$of->place}"), implode('; ', $steps),
            ];
        }

        return self::part('washes', ['day', 'where', 'steps'], $rows);
    }

    /** A row for each visit: what was read then, by zone. */
    private function results(Head $head): HistoryPart
    {
        $visits = [];
        $readings = Reading::query()->where('head_id', $head->id)->orderBy('date')->orderBy('id')->lazy(500);
        /** @var Reading $of */
        foreach ($readings as $of) {
            $when = SalonClock::dayInWords($of->date) . "\n" . Words::of("moments.{$of->moment}") . "\n{$of->by}";
            foreach ($this->measuredSigns->of($of) as $measured) {
                $visits[$when][(string) $of->zone][] = Words::of("signs.{$measured->sign->value}") . ' '
                    . Words::number(round($measured->value, 1)) . ' ' . Said::of($measured->sign->unit());
            }
        }
        $rows = [];
        foreach ($visits as $when => $zones) {
            $rows[] = [...explode("\n", $when), implode('. ', array_map(
                static fn (string $zone, array $signs): string
                    => ($zone === '' ? '' : ucfirst(Words::of("zones.{$zone}")) . ': ') . implode(', ', $signs),
                array_keys($zones),
                $zones,
            ))];
        }

        return self::part('results', ['day', 'moment', 'by', 'value'], $rows);
    }

    /** What was worked out of it all, as the salon's screens say it. */
    private function standing(Head $head): HistoryPart
    {
        return new HistoryPart('standing', [], $head->outlook === null ? [] : [[
            SalonClock::dayInWords($head->outlook->as_of), Said::of($head->outlook->verdict),
        ]]);
    }

    private function plan(Head $head): HistoryPart
    {
        $planned = PlanItem::query()->where('head_id', $head->id)->where('status', 'planned')->orderBy('date')->get();
        $rows = [];
        foreach ($planned as $of) {
            $rows[] = [
                SalonClock::dayInWords($of->date), StepWords::summary($of->steps),
                implode(' ', Said::all($of->reasons)),
            ];
        }

        return self::part('plan', ['day', 'steps', 'why'], $rows);
    }

    private function programmes(Head $head): HistoryPart
    {
        $rows = [];
        foreach (Programme::query()->where('head_id', $head->id)->orderBy('began_on')->get() as $of) {
            $rows[] = [
                SalonClock::dayInWords($of->began_on), Words::of("programmes.{$of->kind}"),
                SalonClock::dayInWords($of->broken_off_on ?? $of->began_on->addWeeks($of->weeks)), $of->by,
            ];
        }

        return self::part('programmes', ['day', 'what', 'until', 'by'], $rows);
    }

    private function styles(Head $head): HistoryPart
    {
        $rows = [];
        foreach (Style::query()->where('head_id', $head->id)->orderBy('made_on')->get() as $of) {
            $rows[] = [
                SalonClock::dayInWords($of->made_on), Words::of("stylings.{$of->styling}"),
                SalonClock::dayInWords($of->ended_on),
            ];
        }

        return self::part('styles', ['day', 'what', 'until'], $rows);
    }

    private function home(Head $head): HistoryPart
    {
        $rows = [];
        foreach (HomeAct::query()->where('head_id', $head->id)->orderBy('id')->get() as $of) {
            $says = $of->refused === null ? $of->says : "{$of->says}: {$of->refused}";
            $rows[] = [SalonClock::dayInWords($of->date), $says];
        }

        return self::part('home', ['day', 'what'], $rows);
    }

    private function products(Head $head): HistoryPart
    {
        $rows = [];
        foreach (Product::query()->where('head_id', $head->id)->orderBy('name')->get() as $of) {
            $rows[] = [$of->name, Words::of("kinds.{$of->kind}")];
        }

        return self::part('products', ['name', 'kind'], $rows);
    }

    private function pictures(Head $head): HistoryPart
    {
        $rows = [];
        $pictures = Picture::query()->where('head_id', $head->id)->orderBy('taken_on')->orderBy('id')->get();
        foreach ($pictures as $of) {
            $rows[] = [
                SalonClock::dayInWords($of->taken_on), Words::say("pictures.kinds.{$of->kind}"),
                "{$of->consent_by}, " . SalonClock::dayInWords($of->consent_on), $of->by,
            ];
        }

        return self::part('pictures', ['day', 'kind', 'agreed', 'by'], $rows);
    }

    private function messages(Head $head): HistoryPart
    {
        $rows = [];
        $messages = OutboxMessage::query()->where('head_id', $head->id)->orderBy('handed_at')->orderBy('id')->get();
        foreach ($messages as $of) {
            $rows[] = [
                SalonClock::dayInWords($of->handed_at->setTimezone($head->salon->timezone), 'j M Y, G:i'), $of->to,
                trim("{$of->subject} {$of->body}"),
            ];
        }

        return self::part('messages', ['day', 'to', 'text'], $rows);
    }

    /**
     * @param list<string>       $columns
     * @param list<list<string>> $rows
     */
    private static function part(string $key, array $columns, array $rows): HistoryPart
    {
        return new HistoryPart($key, array_map(
            static fn (string $column): string => Words::say("whole-history.columns.{$column}"),
            $columns,
        ), $rows);
    }
}
