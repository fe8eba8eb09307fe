<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Care\Acts\SentAct;

/** Whether a tap of a wash day can be read at all. */
final readonly class WashTap
{
    private const KINDS = ['done', 'section', 'skip', 'back', 'repeat', 'swap', 'note', 'amount', 'bottle'];
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
            default => null,
        };
    }
}
