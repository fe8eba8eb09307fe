<?php

declare(strict_types=1);

// What another program is told when something cannot be done.
return [
    'problems' => [
        400 => 'This request cannot be answered. Compare it with /api/v1/openapi.json.',
        401 => 'Send a token: Authorization: Bearer, and the token. The owner makes one under Salon, Connections. It may have run out or been taken back.',
        403 => 'This token may not do that.',
        404 => 'There is nothing here for this token. Compare the address and the id.',
        405 => 'This address does not take that method. Compare it with /api/v1/openapi.json.',
        409 => 'As things stand this cannot be done.',
        412 => 'It was changed since you read it. Read it again, and send the new ETag as If-Match.',
        413 => 'This is too large. Send less than 5 MB.',
        415 => 'Send JSON, with Content-Type: application/json.',
        422 => 'Something in it is not right. Each field under errors says what to send instead.',
        428 => 'Send If-Match with the ETag you got when you read it, so that nobody’s change is lost.',
        429 => 'Too many requests. Wait for as many seconds as Retry-After says.',
        500 => 'Something went wrong here. Nothing was saved. Send it again with the same Idempotency-Key.',
        503 => 'The salon’s data cannot be reached just now. Send it again with the same Idempotency-Key.',
    ],
    'unreadable' => 'This is no JSON, or holds something that is no text or has no business there. Compare it with /api/v1/openapi.json.',
    'not-given' => 'This token was not given for :ability. The owner can make one that is, under Salon, Connections.',
    'giver-may-not' => 'Whoever made this token may not do :ability any more. The owner can make another, under Salon, Connections.',
    'client-there' => ':name is a client already. Search by name, or send "another": true where this is someone else.',
    'record-there' => 'The client of this record is here already. Send it to /records?copy=1 to take it in as another client.',
    'not-booked' => 'Only a visit that has not begun can be moved or cancelled.',
    'fields' => [
        'name-part' => 'Send a part of the name, up to 120 characters.',
        'moment' => 'Send a moment with its offset, such as :such.',
        'day' => 'Send a day such as :such.',
        'days' => 'Ask for :most days at most, the last one not before the first.',
        'cursor' => 'Send the cursor as it stands in next.',
        'boolean' => 'Send true or false.',
        'fixed' => 'The client and the service of a booking stay. Cancel it and book another.',
        'to-come' => 'Send a moment that is still to come, within two years.',
    ],
];
