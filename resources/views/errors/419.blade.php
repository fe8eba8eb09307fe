@include('errors.page', ['page' => '419'])
