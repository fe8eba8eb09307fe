<?php

declare(strict_types=1);

// What is said of files that come in.
return [
    'about' => <<<'TEXT'
        What is in here
        records/      one care record (JSON) for each client; care-record.schema.json says its shape
        clients.vcf   who they are and how they are reached (vCard 4)
        heads.csv, readings.csv, bookings.csv, shelf.csv   the same as tables (CSV, UTF-8, dates as 2027-01-31, in UTC)
        salon/        of a whole salon: every row and picture, from which nagomi:restore-salon makes it again (manifest.json
                      lists the files with their digests). Private notes are in the clear in all of this: keep it safe.
        history.pdf, history.json   everything kept of one client, to read and for programs; only in the export of one client
        pictures/     only in the export of one client

        TEXT,
    'file' => 'the file', 'holds' => ':washes wash days, :readings readings', 'calendar-of' => 'Wash days of :name',
    'calendar' => 'Wash days', 'calendar-day' => 'Wash day, about :minutes minutes',
    'erase' => [
        'title' => 'Export or delete this client', 'lead' => 'Everything of :name, to take away for the client or for yourself; deleted, it cannot be brought back.', 'all' => 'Everything of this client (.zip)',
        'rows-label' => 'Rows kept in each place', 'kept-in' => 'Kept in', 'rows' => 'rows', 'files' => 'picture files', 'name' => 'Type the whole name', 'do' => 'Delete the client and all of it',
    ],
    // What is kept of a client, by table.
    'tables' => [
        'consents' => 'what was agreed to', 'consent_wordings' => 'words of agreements',
        'heads' => 'the client',
        'activity_log' => 'who changed what',
        'wash_days' => 'wash days',
        'wash_steps' => 'steps of wash days',
        'wash_sessions' => 'wash days in the chair',
        'wash_session_acts' => 'taps in the chair',
        'home_links' => 'links to the home routine',
        'home_acts' => 'done at home',
        'reactions' => 'reactions to products',
        'calendar_feeds' => 'calendars',
        'outlooks' => 'looks ahead',
        'plan_edits' => 'changes to the plan',
        'plan_items' => 'planned wash days',
        'pace_days' => 'drying times and days a style lasted',
        'outbox_messages' => 'messages',
        'zone_parts' => 'parts of a zone',
        'zones_before' => 'zones before a change',
        'clearances' => 'signs that barred treatments',
        'styles' => 'styles',
        'waits' => 'waiting for a place',
        'pictures' => 'pictures',
        'programmes' => 'programmes',
        'reminders' => 'reminders',
        'visits' => 'visits',
        'visit_statements' => 'summaries of visits',
        'readings' => 'results of hair tests',
        'test_drafts' => 'hair tests begun',
        'head_snapshots' => 'hair day by day',
        'balance_days' => 'days in balance',
        'plan_foretold' => 'what plans expected',
        'bookings' => 'bookings',
        'products' => 'products at home',
        'stock_moves' => 'changes of stock',
        'trials' => 'trials',
        'promises' => 'agreed dates',
    ],
    'erased' => [
        'title' => 'Proof of deletion', 'nothing' => 'Nothing is left', 'something' => 'Something is left', 'lead' => 'A client was deleted on :when by :by. The name is not kept here either.',
        'what' => 'What was deleted', 'before' => 'rows before', 'after' => 'counted again after', 'backups' => 'Copies in backups of the server are beyond this page; docs/deploying.md says how long they are kept.',
    ],
    'record' => [
        'title' => 'Import a record', 'lead' => 'One client’s whole history from another salon, as a .json file. It is imported whole or not at all.', 'file' => 'Care record',
        'copy' => 'as a second copy, if this client is here already', 'do' => 'Import it',
        'with' => 'What comes with it',
        'parts' => [
            'Details: zones, porosity, strand, water, rhythm, method, allergies and what was written down.',
            'Every hair test as it was measured, with its day and zone.',
            'Every wash day, with steps, minutes and products.',
            'Plan: days away, wishes, what was agreed, days set by hand.',
            'Signs that barred treatments, and who cleared them.',
        ],
        'not' => 'Pictures and bookings do not: they stay with the salon that has them.',
        'several' => 'Several clients, or a whole salon, at once',
    ],
    'no-name' => 'There is no name.',
    'long-name' => 'The name is longer than :most letters; shorten it.',
    'no-mail' => '“:mail” is no mail address.',
    'long-phone' => 'The phone number is longer than :most letters; shorten it.',
    'no-card' => 'Card :card is broken off or damaged, and what follows it cannot be read. Export the contacts again, or take that card out of the file.',
    'no-kind' => 'This file cannot be read. These can: a care record (.json), a salon (.zip), contacts (.vcf), or a table (.csv, .xlsx, .ods) of clients, bookings or treatments.',
    'no-lines' => 'The table has a header and no lines below it.',
    'card' => ':file, card :place',
    'line' => ':file, line :place',
    'only-a-name' => 'a name',
    'shelf' => [
        'header' => 'Line 1: start with a header that names its columns; name and kind must be among :columns.',
        'twice' => 'Line 1: the column :column stands there twice; keep one.',
        'name' => 'give a name of up to 120 letters.',
        'kind' => 'give a kind, one of :kinds.',
        'number' => 'give :column as 0 to :most, or leave it empty.',
        'whole' => 'give :column as a whole number, or leave it empty.',
        'barcode' => 'give a barcode of 4 to 32 letters and digits, or leave it empty.',
        'batch' => 'give a batch of up to 40 letters.',
        'claims' => 'give claims out of :claims, with spaces between.',
        'day' => 'give :column as a day that exists, such as 2026-02-28.',
        'line' => 'Line :line: :problem',
        'empty' => 'The file holds no product.',
    ],
];
