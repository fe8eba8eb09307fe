<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\WashStepChange;
use App\Care\Acts\SentAct;

/** Whether a tap of a wash day can be read at all. */
final readonly class WashTap
{
    private const KINDS = [
        'done', 'section', 'skip', 'back', 'repeat', 'swap', 'note', 'amount', 'bottle', 'add', 'move', 'set', 'pause',
        'resume',
    ];
    private const LEAST_MM = 0.5;
    private const MOST_MM = 1000;
    private const MOST_ML = 1000.0;
    private const LONGEST = 40;

    /**
     * @param int $sections the hair is parted into so many, counted from 0
     *
     * @return string|null what is wrong, as a key of lang/en/acts.php
     */
    public static function problem(SentAct $act, int $sections): ?string
    {
        $step = $act->text('step');
        if (! in_array($act->kind, self::KINDS, true) || $step === '' || mb_strlen($step) > self::LONGEST) {
            return 'unreadable';
        }
        $ml = $act->value('ml');
        $section = $act->value('section');
        $note = $act->value('note');

        return match ($act->kind) {
            'amount' => (is_int($ml) || is_float($ml)) && $ml >= 0 && $ml <= self::MOST_ML ? null : 'wash.amount',
            'section' => is_int($section) && $section >= 0 && $section < $sections ? null : 'wash.section',
            'bottle' => is_string($act->value('product')) && in_array($act->value('why'), WashBottles::WHYS, true)
                ? null
                : 'wash.bottle',
            'note' => is_string($note) && $note !== '' && mb_strlen($note) <= self::LONGEST ? null : 'wash.note',
            'add' => is_string($act->value('of')) && preg_match('/^[a-z0-9-]+$/', $step) === 1 && self::isPlace($act)
                ? self::reason($act)
                : 'unreadable',
            'move' => self::isPlace($act) ? self::reason($act) : 'unreadable',
            'skip', 'swap' => self::reason($act),
            'set' => self::change($act) ?? self::reason($act),
            default => null,
        };
    }

    private static function isPlace(SentAct $act): bool
    {
        $after = $act->value('after');

        return $after === null || is_string($after);
    }

    private static function reason(SentAct $act): ?string
    {
        $because = $act->value('because');

        return $because === null || in_array($because, WashSessionActs::REASONS, true) ? null : 'wash.because';
    }

    private static function change(SentAct $act): ?string
    {
        $isWithin = static fn (mixed $value, float $least, float $most): bool => (is_int($value) || is_float($value))
            && $value >= $least && $value <= $most;
        $set = array_diff_key($act->list('value'), ['because' => true]);
        foreach ($set as $name => $value) {
            $problem = match (true) {
                $name === 'hands' && ! $isWithin($value, 0, WashStepChange::MOST_HANDS_MINUTES) => 'wash.hands',
                $name === 'on' && ! $isWithin($value, 0, WashStepChange::MOST_ON_MINUTES) => 'wash.on',
                $name === 'sections' && ! (is_int($value) && $isWithin($value, 1, WashStepChange::MOST_SECTIONS))
                    => 'wash.sections',
                $name === 'mm' && ! $isWithin($value, self::LEAST_MM, self::MOST_MM) => 'wash.mm',
                $name === 'tool' && ! in_array($value, WashStepChange::TOOLS, true) => 'wash.tool',
                $name === 'heat' && ! is_bool($value) => 'wash.heat',
                default => in_array($name, ['hands', 'on', 'sections', 'mm', 'tool', 'heat'], true)
                    ? null
                    : 'unreadable',
            };
            if ($problem !== null) {
                return $problem;
            }
        }

        return $set === [] ? 'unreadable' : null;
    }
}
