<?php

declare(strict_types=1);

// Pictures before and after.
return [
    'title' => 'Pictures', 'title-of' => 'Pictures of :name', 'lead' => 'Before and after. Kept private, without the place they were taken.',
    'slide' => 'How much of the later picture is shown', 'left' => 'Left', 'right' => 'Right', 'compare' => 'Put side by side',
    'agreed' => 'agreed to by :by, :day', 'delete' => 'Delete it', 'delete-why' => 'The file is deleted with it and does not come back.', 'delete-do' => 'Delete this picture',
    'none' => 'No pictures yet. One before the wash and one once dry, in the same light and from the same side, say more than ten from anywhere.',
    'guide' => [
        'before' => ['title' => 'Before the wash', 'how' => 'From behind, an arm’s length away, all of the hair in the picture.', 'says' => 'A head of curls from behind, as the picture before the wash should show it'],
        'after' => ['title' => 'Once dry', 'how' => 'From the same side, in the same light, at the same distance.', 'says' => 'The same head from the same side, its curls fuller once dry'],
    ],
    'new' => 'A new picture', 'picture' => 'Picture', 'formats' => 'JPEG, PNG or WebP, under 12 MB', 'kind' => 'Kind', 'taken' => 'Taken on', 'consent-by' => 'Consent by',
    'kinds' => ['before' => 'before', 'after' => 'after', 'other' => 'other'],
    'consent' => 'The client (or a guardian) agrees to this picture being kept.', 'keep' => 'Save this picture',
];
