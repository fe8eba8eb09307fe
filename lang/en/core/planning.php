<?php

declare(strict_types=1);

/* Why a wash day stands in a plan as it does, and what a plan may not say. */

return [
    'usual-wash' => 'The usual wash; nothing else is due.',
    'usual-wash-while-out' => 'The usual wash; other days bring the balance back.',
    'not-tested-yet' => 'Not tested yet: the usual gentle care, and test the hair on this day.',
    'test-before-the-next' => 'Test the hair first: nobody has since its last protein, and that decides about the next.',
    'test-before-this' => 'Test the hair first: this protein is given only if the hair still needs it after the last.',
    'by-hand' => 'Set by hand: :reason.',
    'by-hand-by' => 'Set by hand by :by: :reason.',
    'not-earlier' => 'Not earlier. :rule',
    'broken-on' => ':date: :rule',
    'occasion' => [
        'that-day' => 'For :what, :date: washed and styled so that it is at its best then.',
        'day-before' => 'The day before :what, :date: washed and styled so that it is at its best then.',
        'days-before' => ':days days before :what, :date: washed and styled so that it is at its best then.',
        'a-day' => 'the day that counts',
        'swimming' => 'Swimming these days: a chelating cleanse may come sooner than usual.',
    ],
    'washed-in-the-style' => 'Washed in the style: cleanse along the partings, let the rest run through, do not detangle. It comes down on :date.',
    'styled-after' => 'Styled on the day after, about :minutes min: this day is too short for all of it.',
    'treatments' => ['protein' => 'protein of any strength', 'masks' => 'masks', 'clarifying' => 'clarifying'],
    'quantities' => ['moisture' => 'moisture', 'protein' => 'protein', 'build-up' => 'build-up'],
    'past' => 'Build-up is past :limit of 100:where; clarifying brings it down.',
    'low' => [
        'strong-protein' => ':What is low:where; the strong protein brings it back.',
        'mild-protein' => ':What is low:where; the mild protein brings it back.',
        'masks' => ':What is low:where; masks bring it back.',
        'clarifying' => ':What is low:where; clarifying brings it back.',
    ],
    'skip' => [
        'reserve' => 'Skip :treatment and :what runs low:where about :date:range:certainty.',
        'build-up' => 'Skip :treatment and build-up passes :limit of 100:where about :date:range:certainty.',
        'reserve-stays' => 'Skip :treatment and :what stays in balance these weeks, but only just:certainty.',
        'build-up-stays' => 'Skip :treatment and build-up stays under :limit of 100 these weeks, but lets less of each treatment through.',
    ],
    'where' => ['in' => ' in :stratum', 'first-in' => ' first in :stratum'],
    'range' => ['between' => ' (:earliest to :latest)', 'by' => ' (by :latest)', 'not-before' => ' (not before :earliest)'],
    'likely' => '; :percent % likely',
    'likely-not' => '; :percent % likely that it would not',
    'held-back' => [
        'rule' => ':says To change that: :frees.',
        'no-mask' => 'Moisture is low and there is no mask. What stands in the way: :rules',
        'no-protein' => 'Protein is low and there is none. What stands in the way: :rules',
        'nothing-clarifies' => 'Build-up is past its limit and nothing clarifies. What stands in the way: :rules',
        'no-scalp-shampoo' => 'The scalp flakes and there is no scalp shampoo. What stands in the way: :rules',
    ],
    'frees' => [
        'more-than-one' => 'change more than one of these: none alone frees the day',
        'minutes' => 'allow the day at least :minutes minutes',
    ],
];
