<?php

declare(strict_types=1);

// Fotos antes y después.
return [
    'title' => 'Fotos', 'title-of' => 'Fotos de :name', 'lead' => 'Antes y después. Se guardan en privado, sin el lugar donde se hicieron.',
    'slide' => 'Cuánto se ve de la foto posterior', 'left' => 'Izquierda', 'right' => 'Derecha', 'compare' => 'Poner una al lado de otra',
    'agreed' => 'aceptada por :by, :day', 'delete' => 'Borrarla', 'delete-why' => 'El archivo se borra con ella y no vuelve.', 'delete-do' => 'Borrar esta foto',
    'none' => 'Aún no hay fotos. Una antes del lavado y otra en seco, con la misma luz y desde el mismo lado, dicen más que diez de cualquier sitio.',
    'guide' => [
        'before' => ['title' => 'Antes del lavado', 'how' => 'Desde atrás, a un brazo de distancia, con todo el pelo en la foto.', 'says' => 'Una cabeza de rizos vista desde atrás, como debe verse en la foto de antes del lavado'],
        'after' => ['title' => 'En seco', 'how' => 'Desde el mismo lado, con la misma luz y a la misma distancia.', 'says' => 'La misma cabeza desde el mismo lado, con los rizos más llenos en seco'],
    ],
    'new' => 'Una foto nueva', 'picture' => 'Foto', 'formats' => 'JPEG, PNG o WebP, menos de 12 MB', 'kind' => 'Clase', 'taken' => 'Hecha el', 'consent-by' => 'Consentimiento de',
    'kinds' => ['before' => 'antes', 'after' => 'después', 'other' => 'otra'],
    'consent' => 'El cliente (o quien tiene la tutela) acepta que se guarde esta foto.', 'keep' => 'Guardar esta foto',
];
