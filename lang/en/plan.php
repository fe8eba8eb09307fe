<?php

declare(strict_types=1);

// What the plan says.
return [
    'day-says' => ':day: :steps, :minutes minutes', 'day-says-by-hand' => ':day: :steps, :minutes minutes, by hand',
    'back' => 'Back to the plan', 'title' => 'Plan', 'title-of' => 'Plan of :name', 'limits' => 'Limits', 'what-if' => 'What if', 'calendar' => 'Calendar (.ics)',
    'household' => 'Household', 'undo' => 'Undo', 'redo' => 'Redo', 'today' => 'today', 'by-hand' => 'moved by you',
    'key' => ['day' => 'wash day', 'mask' => 'mask', 'protein' => 'protein', 'clarify' => 'clarifying', 'hand' => 'moved by you', 'size' => 'bigger: longer'],
    'how' => 'Drag a wash day along the line, or up and down for a longer or shorter mask; or choose one and use the arrow keys. You see the effect before you drop it.',
    'line' => ['work' => 'Twelve weeks; each wash day can be moved', 'of' => '{1} Twelve weeks of :name, one wash day|[0,*] Twelve weeks of :name, :count wash days', 'promised' => 'agreed'],
    'balance' => ['label' => 'What the plan comes to, day by day: :of'],
    'coming' => [
        'title' => 'Coming up', 'what' => 'What', 'from' => 'From', 'until' => 'Until', 'called' => 'Name', 'save' => 'Save',
    ],
    'agreed' => [
        'title' => 'Agreed with the client', 'since' => 'Since :day, by :by.', 'kept' => 'The plan still keeps every day of it.',
        'none' => 'Nothing is agreed yet; the plan changes with every test.',
        'now' => 'Agree on the plan as it is', 'again' => 'Agree again on the plan as it is', 'earlier' => 'Agreed before',
        'treatments' => '{1} :day, :by: one treatment|[2,*] :day, :by: :count treatments',
    ],
    'wash-days' => 'Wash days',
    'every' => '{1} Every day; :hours hours in total.|[2,*] Every :count days; :hours hours in total.',
    'at-most' => 'At most :minutes min each.',
    'dates' => 'A date is when the hair goes out of balance without it; in brackets, when it does 8 times in 10.',
    'clashes' => '{1} On one day any possible wash breaks a rule. That day says below what would change it.|[2,*] On :count days any possible wash breaks a rule. Each says below what would change it.',
    'frees' => 'To change that: :what.', 'or' => '; or ',
    'steps' => 'All steps',
    'broken-hairs' => '{0} No broken hairs are expected at detangling.|{1} About one broken hair is expected at detangling.|[2,*] About :count broken hairs are expected at detangling.',
    'as-above' => ':first The rest as above.',
    'style-day' => 'at its best on day :day of the style',
    'colour-too-near' => 'Colour :days days before :what: keep :apart days between them, so that nothing new goes wrong shortly before.',
    'acts' => [
        'mask' => 'mask', 'protein' => 'protein', 'clarifying' => 'clarifying',
        'carried' => ':what moved from :from to :to',
        'mild-protein' => 'mild protein on :day instead of strong',
        'strong-protein' => 'strong protein on :day instead of mild',
        'what' => 'Choose a mask, protein or clarifying, and a wash day earlier or later.',
        'no-wash-day' => 'There is no wash day that far away; a treatment can move up to :most wash days.',
        'not-planned' => 'There is no such treatment on that day.',
        'there-already' => ':day has :what already; leave one of the two out instead.',
        'mask-of-strong' => 'Strong protein is never left without its mask; move the protein, and a mask comes along.',
        'no-strength' => 'There is no protein of another strength on that day to change.',
        'strong-needs-a-mask' => 'Strong protein needs a mask after it; choose a day that has one.',
        'rows' => ['wash-day' => 'Wash day', 'mask' => 'Mask', 'protein' => 'Protein', 'clarifying' => 'Clarifying'],
        'buttons' => [
            'day-earlier' => '‹ a day earlier', 'day-later' => 'a day later ›', 'swap' => 'Swap with the next',
            'earlier' => '‹ wash before', 'later' => 'wash after ›', 'longer' => 'Longer', 'shorter' => 'Shorter',
            'mild-protein' => 'Mild instead', 'strong-protein' => 'Strong instead', 'leave-out' => 'Leave out',
            'do' => 'Do it', 'leave' => 'Leave it',
        ],
    ],
    'child' => [
        'protein' => 'Protein: no strong protein under :years years. Choose mild protein or none.',
        'heat' => 'Heat: never under :years years. Leave the cap or hood out.',
    ],
];
