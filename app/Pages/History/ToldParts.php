<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Models\Clearance;
use App\Models\Consent;
use App\Models\Head;
use App\Models\Reaction;
use App\Models\ZonePart;
use App\Wording\SalonClock;
use App\Wording\Words;

/** What a client is and told of themselves: who, hair, how they wish it done, health. */
final readonly class ToldParts
{
    private const FLAGS = ['sore_scalp', 'red_sign', 'tender_edges', 'asthma_or_pregnant'];

    /** @return list<HistoryPart> */
    public function of(Head $head): array
    {
        return [
            $this->list('who', $this->who($head)),
            $this->list('hair', [...$this->hair($head), ...$this->zones($head)]),
            $this->list('method', $this->method($head)),
            $this->list('health', $this->health($head)),
            $this->consents($head),
            $this->reactions($head),
            $this->signs($head),
        ];
    }

    /** @param array<string, string> $told by label; what is empty was not told */
    private function list(string $key, array $told): HistoryPart
    {
        $rows = [];
        foreach (array_filter($told, static fn (string $value): bool => $value !== '') as $label => $value) {
            $rows[] = [$label, $value];
        }

        return new HistoryPart($key, [], $rows);
    }

    /** @return array<string, string> */
    private function who(Head $head): array
    {
        return [
            self::label('name') => $head->name,
            self::label('born_on') => SalonClock::dayInWords($head->born_on),
            self::label('guardian_name') => (string) $head->guardian_name,
            self::label('phone') => (string) $head->phone,
            self::label('email') => (string) $head->email,
            self::label('reminded_by') => Words::say("intake.reminders.{$head->reminded_by}"),
            self::label('household') => (string) $head->household,
            Words::say('whole-history.agreed') => implode(', ', array_filter([
                (string) $head->consent_by, SalonClock::dayInWords($head->consent_on),
            ])),
        ];
    }

    /** @return array<string, string> */
    private function hair(Head $head): array
    {
        return [
            self::label('ring_mm') => self::measure($head->ring_mm, 'mm'),
            self::label('strand_um') => self::measure($head->strand_um, 'µm'),
            self::label('density') => Words::of("densities.{$head->density}"),
            self::label('length_cm') => self::measure($head->length_mm === null ? null : $head->length_mm / 10, 'cm'),
            self::label('hardness_mg_per_l') => self::measure($head->hardness_mg_per_l, 'mg/L'),
            self::label('humidity_percent') => self::measure($head->humidity_percent, '%'),
            self::label('styling_load') => Words::of("loads.{$head->styling_load}"),
            self::label('wash_every_days') => Words::say('intake.days-of', ['days' => $head->wash_every_days]),
            self::label('minutes_limit') => self::measure($head->minutes_limit, 'min'),
            self::label('swims') => self::yes($head->swims),
            self::label('protein_sensitive') => self::yes($head->protein_sensitive),
            self::label('goals') => (string) $head->goals,
            self::label('hair_history') => (string) $head->hair_history,
            self::label('chemical_history') => (string) $head->chemical_history,
            Words::say('whole-history.overloaded') => implode(', ', array_filter([
                (string) $head->overloaded_by, SalonClock::dayInWords($head->overloaded_on),
            ])),
        ];
    }

    /** @return array<string, string> */
    private function zones(Head $head): array
    {
        $zones = [];
        foreach ($head->zoneParts as $part) {
            /** @var ZonePart $part */
            $where = ucfirst(Words::of("zones.{$part->zone}"))
                . ($part->part === 'length' ? '' : ', ' . lcfirst(self::label($part->part)));
            $zones[$where] = Words::say('whole-history.zone', [
                'porosity' => Words::of("porosities.{$part->porosity}"),
                'strand' => Words::of("strands.{$part->strand}"),
            ]) . ($part->chemically_treated ? ', ' . self::label('treated') : '');
        }

        return $zones;
    }

    /** @return array<string, string> */
    private function method(Head $head): array
    {
        $method = [];
        foreach ($head->method as $question => $answer) {
            $method[Words::of("method.{$question}.0")] = Words::of("method.{$question}.1.{$answer}");
        }

        return $method;
    }

    /** @return array<string, string> */
    private function health(Head $head): array
    {
        $health = [
            self::label('allergies') => (string) $head->allergies,
            self::label('health_notes') => (string) $head->health_notes,
        ];
        foreach (self::FLAGS as $flag) {
            $health[Words::say("trail.fields.{$flag}")] = self::yes($head->getAttribute($flag) === true);
        }

        return $health;
    }

    private function consents(Head $head): HistoryPart
    {
        $rows = [];
        foreach (Consent::query()->where('head_id', $head->id)->orderBy('id')->get() as $of) {
            $rows[] = [
                SalonClock::dayInWords($of->given_on), Words::say("consent.purposes.{$of->purpose->value}"),
                $of->given_by, SalonClock::dayInWords($of->withdrawn_on),
                $of->wording === '' ? Words::say('consent.no-words') : $of->wording,
            ];
        }

        return new HistoryPart('consents', self::columns('day', 'what', 'agreed', 'until', 'text'), $rows);
    }

    private function reactions(Head $head): HistoryPart
    {
        $rows = [];
        $reactions = Reaction::query()->with('product:id,salon_id,name')->where('head_id', $head->id)->orderBy('on');
        foreach ($reactions->get() as $of) {
            $rows[] = [
                SalonClock::dayInWords($of->on), $of->what, (string) ($of->product->name ?? $of->ingredient), $of->by,
            ];
        }

        return new HistoryPart('reactions', self::columns('day', 'what', 'of', 'by'), $rows);
    }

    private function signs(Head $head): HistoryPart
    {
        $rows = [];
        $signs = Clearance::query()->where('head_id', $head->id)->orderBy('raised_on')->orderBy('id')->get();
        foreach ($signs as $sign) {
            $rows[] = [
                SalonClock::dayInWords($sign->raised_on), Words::say('trail.fields.' . Clearance::FLAGS[$sign->sign]),
                $sign->seen, (string) $sign->raised_by,
                implode(', ', array_filter([SalonClock::dayInWords($sign->cleared_on), (string) $sign->cleared_by])),
            ];
        }

        return new HistoryPart('signs', self::columns('day', 'what', 'seen', 'by', 'cleared'), $rows);
    }

    /** @return list<string> */
    private static function columns(string ...$keys): array
    {
        return array_values(array_map(
            static fn (string $key): string => Words::say("whole-history.columns.{$key}"),
            $keys,
        ));
    }

    private static function label(string $field): string
    {
        return Words::say("intake.fields.{$field}");
    }

    private static function yes(bool $is): string
    {
        return Words::say($is ? 'trail.yes' : 'trail.no');
    }

    private static function measure(float|int|null $value, string $unit): string
    {
        return $value === null ? '' : Words::number((float) $value) . ' ' . $unit;
    }
}
