<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Head;
use App\Pages\Shared\SeenFields;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WeekTime;

/** What a plan must keep to, as its form shows it. */
final readonly class PlanTermsForm
{
    public function name(Head $head): string
    {
        return "terms {$head->id}";
    }

    /** @return array<string, string|list<string>> by dotted name */
    public function fields(Head $head): array
    {
        $season = $head->season ?? [];
        $list = fn (string $name): array => is_array($season[$name] ?? null) ? $season[$name] : [];
        $fields = [
            'salon_days' => implode(', ', array_filter($list('salon_days'), is_string(...))),
            'home_minutes_limit' => is_scalar($season['home_minutes_limit'] ?? null)
                ? (string) $season['home_minutes_limit']
                : '',
            'trim_goal' => is_string($season['trim_goal'] ?? null) ? $season['trim_goal'] : '',
            'keeps_rhythm' => ($season['keeps_rhythm'] ?? false) === true ? '1' : '0',
            'not_at_home' => array_values(array_filter($list('not_at_home'), is_string(...))),
        ];
        foreach (array_values($list('away')) as $i => $span) {
            foreach (['from', 'until'] as $end) {
                $fields["away.{$i}.{$end}"] = is_array($span) && is_string($span[$end] ?? null) ? $span[$end] : '';
            }
        }
        foreach (WeekTime::NAMES as $name) {
            $minutes = $list('weekday_minutes')[$name] ?? '';
            $fields["weekday_minutes.{$name}"] = is_scalar($minutes) ? (string) $minutes : '';
        }
        foreach (['stock', 'prices', 'patch_test_until'] as $name) {
            foreach (array_diff(PlanTerms::TREATMENTS, ['heat']) as $treatment) {
                $value = $list($name)[$treatment] ?? '';
                $fields["{$name}.{$treatment}"] = is_scalar($value) ? (string) $value : '';
            }
        }

        return $fields;
    }

    public function seen(Head $head): SeenFields
    {
        return SeenFields::of($this->name($head), $this->fields($head));
    }
}
