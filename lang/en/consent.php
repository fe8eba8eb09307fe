<?php

declare(strict_types=1);

/** What clients agree to. A template from common practice, no source: what a salon must say is its country’s law. */
return [
    'title' => 'Consent', 'of' => 'Consent of :name',
    'lead' => 'What was agreed to, in the words that were read, and until when.',
    'purposes' => ['record' => 'Keeping a record', 'pictures' => 'Keeping pictures'],
    'wordings' => [
        'record' => ':salon keeps a record of my hair and scalp: how to reach me, what I tell of my hair and health, what is measured and done, '
            . 'and messages to me. It serves to look after my hair, and for nothing else. Nobody outside the salon gets it without my word. What I tell of my health '
            . 'is kept encrypted. I may read all of it, have it put right, take it with me, and have it deleted. I may take this agreement back at any time; '
            . 'what was done until then stays right.',
        'pictures' => ':salon may take and keep pictures of my hair, to see how it changes. They are kept encrypted, shown to nobody outside the salon, and used for no '
            . 'advertisement. I may have any of them deleted, and take this agreement back at any time.',
    ],
    'words-of' => 'Words of :day', 'holds' => 'Agreed to by :by on :day, noted by :taken.', 'holds-alone' => 'Agreed to by :by on :day.',
    'none' => 'Not agreed to.', 'no-words' => 'Given before the words were kept.',
    'others-now' => 'The words are others now: these were read.', 'now' => 'The words now',
    'given-by' => 'Agreed to by', 'agreed' => 'These words were read and are agreed to.', 'give' => 'Note the agreement', 'again' => 'Note it with the words now',
    'withdraw' => 'Take back', 'form' => 'Form to sign (.pdf)', 'before' => 'Before', 'taken-back' => ':purpose: :by, :from to :until.',
    'given-said' => 'The agreement is noted, with its words.',
    'withdrawn-said' => [
        'record' => 'Noted: taken back. Delete the client with everything, unless the law has you keep it.',
        'pictures' => 'Noted: taken back. Delete the pictures; no new one is kept without a new agreement.',
    ],
    'signed' => 'Signature', 'place-day' => 'Place and day', 'printed' => 'Printed :day by :salon. The signed sheet stays with the salon; the agreement is noted in Nagomi.',
    'salon-title' => 'Consent', 'salon-lead' => 'What clients agree to, in your own words. They count from the day they are saved; what was agreed to before keeps its words.',
    'own' => 'Your words, from :day', 'shipped' => 'As it ships; empty brings these words back', 'law' => 'Not legal advice: what you must say is your country’s law.',
    'wrong' => [
        'purpose' => 'Choose what is agreed to.', 'given-by' => 'Type who agrees, in up to 120 letters; for a child a guardian.',
        'agreed' => 'Tick that the words were read and are agreed to.', 'wording' => 'Type :least to :most letters, or leave it empty for the words that ship.',
    ],
];
