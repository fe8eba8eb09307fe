<?php

declare(strict_types=1);

// A style from the day it is made to the day it is gone.
return [
    'title' => 'Style', 'title-of' => 'Style of :name', 'lead' => ':style, made on :day, day :number', 'none' => 'None is followed now.',
    'down-now' => 'Take it down now: it was due on :day.', 'down-by' => 'Take it down by :day.',
    'minutes' => 'About :minutes minutes.', 'minutes-late' => 'About :minutes minutes, more for each week it stays in: it tangles.',
    'so-far' => 'So far', 'nothing' => 'Nothing yet. Refresh with water and a little product, no dry brushing; satin or silk at night.',
    'day' => 'Day', 'did' => 'What was done', 'note' => 'Save', 'ends' => 'When it is gone', 'last' => 'Last good on', 'end' => 'It was last good then',
    'why' => [
        'title' => 'What following a style gives',
        'lines' => [
            'A day in it takes three taps: how defined it is, how much frizz, how soft. Here, or by the client at home.',
            'Styles of before stay in sight with the days each was good, and with what each way to refresh it gave.',
            'Twists, braids and knots are reminded of before they stay in too long, with the minutes taking them down will need.',
        ],
        'meanwhile' => 'While it stands: refresh with water and a little product, no dry brushing; satin or silk at night.',
    ],
    'new' => 'A new style in its place', 'first' => 'Follow a style', 'made' => 'Made on', 'stays' => 'Stays in, if braided or twisted', 'days' => 'days',
    'stays-help' => 'empty: twists 14, braids 28, knots 10', 'follow' => 'Follow it', 'before' => 'Styles before',
    'earlier' => '{1} :day: :style, good for one day, :times|[2,*] :day: :style, good for :count days, :times',
    'refreshed' => '{0} not refreshed|{1} refreshed once|[2,*] refreshed :count times',
];
