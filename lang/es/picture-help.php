<?php

declare(strict_types=1);

// Cómo se lee cada imagen.
return [
    'title' => 'Cómo se lee esto',
    'of' => [
        'hair-balance' => [
            'La franja del medio es lo que le gusta a este pelo. Más arriba es más, tanto de hidratación como de proteína.',
            'Donde las dos líneas se separan, el espacio entre ellas toma el color de la que manda.',
            'El borde claro es la duda: ocho de cada diez veces el valor verdadero está dentro. Se encoge con cada prueba.',
            'A la izquierda de ahora está lo hecho y probado, a la derecha lo previsto. Toca un día para leerlo.',
        ],
        'hands' => [
            'Una fila es un estilista. Llena: hacen falta manos. Hueca: algo actúa o se seca, y las manos están libres.',
            'La línea es ahora. Un marco dice que el cliente está aquí.',
        ],
        'head' => [
            'La cabeza desde arriba: la nariz está arriba, la nuca abajo, la izquierda es la izquierda del cliente.',
            'Las líneas de una zona dicen lo poroso que es su pelo; las palabras de abajo dicen qué significa cada una.',
        ],
        'head-tests' => [
            'La cabeza desde arriba: la nariz está arriba, la nuca abajo, la izquierda es la izquierda del cliente.',
            'Toca una zona para apuntar lo que encontraste ahí. Dentro está lo último que se encontró.',
        ],
        'stairs' => [
            'Cada escalón es lo que movió el equilibrio: días que pasaron, lo que se hizo, lo que corrigió una prueba.',
            'Hacia arriba es más, hacia abajo menos. Los escalones del inicio a ahora suman el valor de hoy.',
            'La franja es lo que le gusta a este pelo. Un escalón a trazos es una prueba que lo encontró en otro sitio del esperado.',
        ],
        'results' => [
            'La franja es donde se esperaba el resultado, ocho de cada diez veces. El punto es lo que encontraste.',
            'Un punto fuera de la franja es el que más dice: mueve el equilibrio, o fue un desliz de la mano.',
            'Al lado: lo seguro que estaba el equilibrio antes de estas pruebas, y lo seguro que está ahora.',
        ],
        'shares' => [
            'Una columna es una semana. Cuanto más alta, más días estuvo el pelo en equilibrio, entre todos los clientes probados.',
            'Cada día cuenta como se sabía ese día, así que el año pasado y la semana pasada se dicen igual.',
        ],
        'scatter' => [
            'La marca es lo lejos que caen los resultados de lo esperado, frente a lo habitual; la barra, lo seguro que es.',
            'Todo resultado varía: manos, ojos y cabellos son distintos. Lo que varía el doble dice la cuarta parte.',
        ],
        'readers' => [
            'La línea del medio es cómo puntúa una prueba todo el salón. Una marca a la derecha puntúa más alto.',
            'Dentro de la franja cualquiera podría estar por azar. Una marca llena es una diferencia clara; se corrige sola.',
        ],
        'trends' => [
            'Una línea es un resultado a lo largo del tiempo, cada punto una visita. La franja es lo habitual en este cliente.',
            'Una marca roja es un cambio que es más que azar. Los signos de abajo dicen qué se hizo entretanto.',
        ],
        'wash-line' => [
            'Todo el día de lavado de izquierda a derecha. Lleno: hacen falta tus manos. Hueco: actúa o se seca solo.',
            'Dos cosas una encima de otra pasan a la vez.',
        ],
        'strands' => [
            'La hebra junto a un nombre es el pelo de ese cliente: anillas tan anchas como su rizo, una línea tan gruesa como una hebra, cortes donde es poroso.',
            'Cuelga floja con más hidratación de la que le gusta, áspera con menos; tensa con más proteína, desigual con menos.',
            'Una capa pálida son residuos, las muescas rojas son desgaste y rotura. Puntos en vez de línea: no se probó su porosidad.',
        ],
        'bottles' => [
            'El frasco está tan lleno como el que se usa: lo comprado, menos lo que se llevó cada lavado. Un signo de interrogación: nadie lo contó.',
            'Su forma dice para qué es: un tarro para mascarillas y mantecas, un cuentagotas para lo que va antes o sobre el cuero cabelludo, un tubo para fijadores, proteína y enjuagues, un dosificador para lo demás.',
        ],
        'plan' => [
            'Un anillo es un día de lavado. Lo que lleva dentro está previsto para ese día: mascarilla, proteína, lavado profundo. Más grande es más largo.',
            'Debajo, a dónde lleva el plan día a día: la franja es lo que le gusta a la mayor parte de este pelo, el borde pálido es duda.',
        ],
    ],
];
