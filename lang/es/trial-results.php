<?php

declare(strict_types=1);

// Lo que dijo un ensayo o un programa, y lo seguro que es.
return [
    'habit-new' => ':habit es nuevo', 'habit-gone' => ':habit ya no está', 'with-heat' => 'con calor',
    'few-pairs' => ':read de al menos :least días están probados en los dos lados; cuatro es mejor.',
    'few' => 'Días probados: :before antes y :after después; hacen falta al menos :least de cada, cuatro es mejor.',
    'chance-always' => 'solo el azar hace lo mismo casi siempre',
    'chance' => 'solo el azar hace lo mismo en 1 de cada :of ensayos así',
    'hardly' => 'Es difícil achacarlo al azar',
    'as-clear-as-can-be' => 'Es tan claro como pueden ser tan pocos días; unos pocos más lo dirían',
    'may-be' => 'Bien puede ser azar',
    'more' => 'Más, en :by :unit (80 %: de :least a :most). :verdict: :chance.',
    'less' => 'Menos, en :by :unit (80 %: de :least a :most). :verdict: :chance.',
    'weeks' => '{1} semana|[0,*] semanas', 'wash-days' => '{1} día de lavado|[0,*] días de lavado',
];
