<?php

declare(strict_types=1);

// What is said of files that come in.
return [
    'erase' => [
        'title' => 'Export or delete this client', 'lead' => 'Everything of :name, to take away for the client or for yourself; deleted, it cannot be brought back.', 'all' => 'Everything of this client (.zip)',
        'rows-label' => 'Rows kept in each place', 'kept-in' => 'Kept in', 'rows' => 'rows', 'files' => 'picture files', 'name' => 'Type the whole name', 'do' => 'Delete the client and all of it',
    ],
    'erased' => [
        'title' => 'Proof of deletion', 'nothing' => 'Nothing is left', 'something' => 'Something is left', 'lead' => 'A client was deleted on :when by :by. The name is not kept here either.',
        'what' => 'What was deleted', 'before' => 'rows before', 'after' => 'counted again after', 'backups' => 'Copies in backups of the server are beyond this page; docs/deploying.md says how long they are kept.',
    ],
    'record' => [
        'title' => 'Import a record', 'lead' => 'One client’s whole history from another salon, as a .json file. It is imported whole or not at all.', 'file' => 'Care record',
        'copy' => 'as a second copy, if this client is here already', 'do' => 'Import it',
    ],
    'no-name' => 'There is no name.',
    'long-name' => 'The name is longer than :most letters; shorten it.',
    'no-mail' => '“:mail” is no mail address.',
    'long-phone' => 'The phone number is longer than :most letters; shorten it.',
    'no-card' => 'From here on this is no vCard: :why',
    'no-kind' => 'This is none of the files that can be read: a care record (.json), a salon (.zip), contacts (.vcf), or a table (.csv) with a header that has a name.',
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
