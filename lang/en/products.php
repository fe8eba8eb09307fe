<?php

declare(strict_types=1);

// The products of a salon: what is in it, for whom, how much is left.
return [
    'title' => 'Products', 'lead' => 'What is in it, how much is left, and who must not have it.',
    'add' => 'Add a product', 'mix' => 'Make up a mix', 'book' => 'Ingredient book',
    'none' => 'No products yet. Paste the ingredients of a bottle and Nagomi reads what it really is.',
    'order' => 'To order:', 'short' => 'running low', 'recalled' => 'recalled', 'past' => 'past its time since :day',
    'bottle' => ['full' => 'the bottle in use is :percent % full', 'unknown' => 'nobody has counted what is left'],
    'left' => ':ml mL left', 'uncounted' => 'not counted yet', 'days' => '{1} lasts about a day|[2,*] lasts about :count days',
    'more' => '{1} and one full bottle|[2,*] and :count full bottles',
    'table' => [
        'title' => 'Import and export as a table (CSV)', 'file' => 'CSV file', 'take' => 'Import', 'all' => 'All products (.csv)',
    ],
    'one' => [
        'change' => 'Edit', 'batch' => 'batch :batch', 'barcode' => 'barcode :barcode',
        'recalled' => 'Recalled on :day:', 'past' => 'Past its time since :day: do not use it.',
        'label' => 'The label doesn’t match the ingredients.', 'against' => 'Not for', 'against-whom' => ':name: :why',
        'unread' => 'No list yet.', 'paste' => 'Paste its ingredients', 'and-read' => 'and it is read here.',
        'used-as' => 'Used for: :step.', 'stays' => 'It stays on the hair until the next wash.',
        'left' => 'How much is left', 'bottles-of' => 'of bottles of :ml mL', 'pace' => '{1} about a day at the pace of the last weeks|[2,*] about :count days at the pace of the last weeks', 'good' => 'good until :day',
        'measured' => 'Measured', 'how-much' => 'How much', 'update' => 'Update stock',
        'ways' => ['left-ml' => 'mL left', 'left-g' => 'grams left, weighed without the bottle', 'level' => '% full', 'bought' => 'mL bought'],
        'changes' => 'Every change', 'moves' => ['counted' => 'counted', 'bought' => 'bought', 'used' => 'used'], 'change-line' => ':day: :kind :ml mL, :left mL left, :by',
        'recall' => 'Recall it', 'why' => 'Why', 'do-recall' => 'Recall', 'release' => 'No longer recalled',
        'remove' => 'Remove this product', 'remove-why' => 'It is gone with its counts; reactions stay.', 'do-remove' => 'Remove',
        'really' => 'What is in it', 'surfactants' => 'Surfactants', 'protein' => 'protein', 'films' => 'its films come off with', 'no-films' => 'leaves no film',
        'off' => ['gentle' => 'a gentle cleanse', 'shampoo' => 'a shampoo', 'clarifying' => 'a clarifying cleanse', 'water' => 'water'],
        'slip' => 'slip', 'hold' => 'hold', 'weight' => 'weight', 'from-to' => ':from to :to',
        'levels' => [
            'slip' => ['low' => 'low', 'medium' => 'medium', 'high' => 'high'], 'hold' => ['low' => 'low', 'medium' => 'medium', 'high' => 'high'],
            'weight' => ['low' => 'low', 'medium' => 'medium', 'high' => 'high'],
        ],
        'unknown-part' => '{1} One of its :all ingredients is not known; what it does is not counted.|[2,*] :count of its :all ingredients are not known; what they do is not counted.',
        'mostly-unknown' => 'Most of what is in it is not known: :count of :all ingredients. So nothing is said of what it does, the balance takes it for a usual :kind, and no wash is given it by itself. Add what you know below, or type its list in the international names (INCI).',
        'may-contain' => 'may contain', 'active' => 'active', 'not-known' => 'not known', 'slip-of-pen' => '(a typing slip?)',
        'ingredients' => 'Ingredients explained', 'printed' => 'As printed', 'read' => 'Read as', 'does' => 'Does', 'share' => 'Share',
        'teach' => [
            'title' => 'Add an ingredient', 'name' => 'Ingredient', 'also' => 'Also called', 'function' => 'What it does', 'choose' => 'choose',
            'strength' => 'Strength, or what takes it off', 'unsaid' => 'not said', 'do' => 'Add it',
            'strengths' => [
                'mild' => 'mild', 'medium' => 'medium', 'strong' => 'strong', 'water' => 'off with water', 'gentle' => 'off with a gentle cleanse',
                'shampoo' => 'off with a shampoo', 'clarifying' => 'off with a clarifying one',
            ],
        ],
    ],
    'strengths' => [
        'surfactants' => ['none' => 'none', 'mild' => 'mild', 'medium' => 'medium', 'strong' => 'strong'],
        'protein' => ['none' => 'none', 'mild' => 'mild', 'mild-to-strong' => 'mild to strong', 'strong' => 'strong'],
    ],
    'steps' => [
        'pre-wash' => 'the pre-wash, on dry hair', 'shampoo' => 'the gentle cleanse', 'co-wash' => 'the co-wash', 'clarifier' => 'the clarifying cleanse',
        'protein' => 'the protein treatment', 'conditioner' => 'the rinse-out conditioner and detangling', 'mask' => 'the mask',
        'leave-in' => 'the leave-in, on wet hair', 'styler' => 'styling', 'oil' => 'sealing', 'rinse' => 'the rinse', 'scalp-care' => 'care of the scalp',
    ],
    'form' => [
        'title-of' => 'Edit :name', 'new' => 'A new product', 'edit' => 'Edit a product', 'at-home' => 'At home, of :name', 'in-salon' => 'In the salon', 'what' => 'What it is',
        'name' => 'Name', 'kind' => 'Used as', 'barcode' => 'Barcode', 'ingredients' => 'Ingredients, as on the label',
        'ingredients-help' => 'Paste it as it is: commas or lines, capitals, brackets, asterisks.', 'claims' => 'What the label says of itself', 'bottle' => 'The bottle',
        'size' => 'Size', 'pump' => 'One pump', 'pump-help' => 'weigh ten pumps, divide by ten', 'price' => 'Price of a bottle', 'opened' => 'Opened on', 'open-for' => 'Good once open', 'months' => 'months',
        'batch' => 'Batch', 'made' => 'Made on, if home-made', 'keeps' => 'Keeps, if home-made', 'days' => 'days', 'keeps-help' => 'water-based and cold: about 5',
        'save' => 'Save', 'save-new' => 'Save product',
    ],
    'ingredients' => [
        'lead' => '{1} One ingredient by function; what the salon adds stands before what ships.|[0,*] :count ingredients by function; what the salon adds stands before what ships.',
        'name' => 'Name', 'does' => 'Does', 'anything' => 'anything', 'look-up' => 'Look up', 'found' => ':count found.', 'found-first' => ':count found, the first :shown shown.',
        'ingredients' => 'Ingredients', 'ingredient' => 'Ingredient', 'strength' => 'Strength', 'at-most' => 'at most', 'from' => 'From', 'taught' => 'added here', 'forget' => 'Remove',
        'teach' => 'Add an ingredient, or correct one',
    ],
    'for' => [
        'title' => 'Products for this hair', 'title-of' => 'Products for :name', 'lead' => 'Good matches first; in stock and cheaper before the rest.', 'at-home' => 'Used at home',
        'spent' => 'Products used on this hair so far:', 'none' => 'No product with a list of ingredients is here yet.', 'own' => ' (their own)',
        'section' => ':least to :most mL a section', 'in-total' => 'about :ml mL in total', 'too-little' => '; not enough in stock',
        'reacted' => '{0} Skin reacted to something|{1} Skin reacted to something: one on record|[2,*] Skin reacted to something: :count on record',
        'noted' => 'noted by :by', 'product' => 'Product', 'none-of' => 'none of these', 'or-ingredient' => 'Or ingredient', 'day' => 'Day', 'happened' => 'What happened',
        'encrypted' => 'kept encrypted', 'note' => 'Save it', 'clinician' => 'What does not ease is for a clinician.',
    ],
];
