<?php

declare(strict_types=1);

/* What is wrong with a care record, and what to put there instead. */

return [
    'line' => ':path: :instead',
    'too-large' => 'the file is larger than 5 MB; a care record of one head is far smaller.',
    'no-json' => 'this is not JSON: :why.',
    'no-object' => 'give one JSON object that holds the record.',
    'no-head' => 'give the head.', 'format' => 'give ":format".',
    'version' => 'this release reads version :version; export the record again from a release that writes it.',
    'text' => 'give a text of at most :most characters.', 'any-text' => 'give a text.',
    'id' => 'give 1 to 64 letters, digits, dots, dashes or underscores.',
    'number' => 'give a number of :least to :most :unit.', 'whole-number' => 'give a whole number of :least to :most :unit.',
    'boolean' => 'give true or false.', 'one-of' => 'choose one of :choices.',
    'day' => 'give a day that exists, from 1990 to 2100, written as 2027-01-09.',
    'any-day' => 'give a day that exists, written as 2027-01-09.',
    'day-of-year' => 'give a day of the year that exists, written as 01-31.',
    'object' => 'give an object with named fields.', 'list' => 'give a list.',
    'unknown-field' => 'is not a field of this record; leave it out.',
    'zone-twice' => 'the :part part of :zone stands there twice; give it once.', 'no-zone' => 'give at least one zone.',
    'no-step' => 'say at least one thing that was done.', 'moment' => ':test is taken at one of :moments.',
    'cleared-by' => 'name who cleared it.',
    'cleared-before' => 'a sign is not cleared before it was raised; give a day from :day on.',
    'id-twice' => 'the id :id stands there :times times; give each its own.',
    'same-day' => ':id is the same as :other: same day, same place, same steps; give it once.',
];
