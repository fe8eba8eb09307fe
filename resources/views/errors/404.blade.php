@include('errors.page', ['page' => '404'])
