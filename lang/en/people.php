<?php

declare(strict_types=1);

// Who belongs to the salon, and one's own way in.
return [
    'title' => 'People',
    'lead' => 'Who works here, who is asked to, and your own way in.',
    'lead-stylist' => 'Who works here, and your own way in. The owner asks people to join.',
    'who' => 'Who works here',
    'role' => ['owner' => 'owner', 'stylist' => 'stylist'],
    'left' => 'left :day',
    'leave' => 'Does not work here any more',
    'back' => 'Works here again',
    'asked' => 'asked, link good until :day',
    'ran-out' => 'link has run out',
    'link' => 'Link for :name',
    'withdraw' => 'Take the invitation back',
    'invite' => 'Ask somebody to join',
    'invite-how' => 'They get a link from you, good for a week, and choose their own password.',
    'name' => 'Name',
    'email' => 'Email they will sign in with',
    'invite-do' => 'Make the link',
    'password' => 'Your password',
    'current-password' => 'Password now',
    'new-password' => 'New password, ten characters or more',
    'password-do' => 'Change the password',
    'password-how' => 'Everywhere else you are signed out.',
    'devices-title' => 'Where you are signed in',
    'devices' => ['phone' => 'Phone', 'tablet' => 'Tablet', 'computer' => 'Computer', 'unknown' => 'Unknown device'],
    'this' => 'this one',
    'seen' => 'last seen :when, from :address',
    'elsewhere' => 'Sign out everywhere else',
    'to-today' => 'To Today',
    'still-booked' => '{1} :name has one booking to come. Hand it over or rebook it first.'
        . '|[2,*] :name has :count bookings to come. Hand them over or rebook them first.',
    'join' => 'Join :salon',
    'join-lead' => 'You sign in with :email.',
    'join-do' => 'Join',
    'forgot' => 'Forgot the password',
    'password-link' => 'Link for :name, good for a day',
    'choose' => 'Choose a password',
    'password-over' => 'This link is not good any more. Ask the owner for a new one.',
    'over' => 'This invitation is not good any more. Sign in, or ask the owner for a new link.',
    'said' => [
        'invited' => 'Send :name the link below.',
        'withdrawn' => 'The invitation of :name is taken back.',
        'left' => ':name cannot sign in any more. What :name did stays.',
        'returned' => ':name can sign in again. Set the hours under Hours and services.',
        'joined' => 'Welcome to :salon. The owner sets your hours.',
        'password' => 'Your password is changed. Everywhere else you are signed out.',
        'elsewhere' => '{0} You were signed in nowhere else.|{1} You are signed out on one other device.'
            . '|[2,*] You are signed out on :count other devices.',
    ],
    'wrong' => [
        'name' => 'Type the name, up to 120 characters.',
        'current' => 'That is not your password now. Type it as you sign in with it.',
    ],
];
