<?php

declare(strict_types=1);

/* Las precauciones habituales del oficio. */

return [
    'refer' => 'Piel abierta o que supura, pus, caída repentina o por zonas, dolor, descamación en anillos, piojos, o mucha descamación con rojez que no se calma: que lo vea un profesional sanitario antes de cualquier tratamiento.',
    'patch-test' => 'Prueba de contacto 48 h antes de un producto nuevo con sensibilizantes conocidos; para si quema o se hincha, y que no entre en los ojos.',
    'sore-scalp' => 'Cuero cabelludo dolorido: sin calor, sin lavado profundo ni quelante y sin aceites esenciales hasta que se dé por bueno.',
    'water-heat' => 'Prueba el agua en la cara interna de la muñeca: a 49 °C quema en unos 5 minutos, a 60 °C en segundos (US Consumer Product Safety Commission).',
    'heat-cap' => 'Gorro térmico o secador de casco: empieza agradable y ve bajando, nunca sobre un cuero cabelludo dolorido, nunca con un niño pequeño o dormido; sin aceite bajo un casco caliente, los cables lejos del agua.',
    'essential-oils' => 'Aceites esenciales: alrededor del 1 % como mucho en el cuero cabelludo; menos o ninguno en niños, en el embarazo o con asma: pregunta a un profesional sanitario.',
    'tension' => 'Contorno sensible o bultos: quita la tensión; la caída por tracción puede ser permanente.',
    'protein' => 'Proteína: empieza suave, observa, hidrata siempre después.',
    'minor' => 'Menor de edad: consta el consentimiento de quien tiene la tutela; las fichas y fotos de menores son privadas.',
    'allergies' => 'Nada sobre esta piel que nombre la lista de alergias; lee la etiqueta entera.',
];
