-- Until now a lead could do all that an owner can. A session knows the rank of when it began: theirs begin anew.
update account set role = 'OWNER' where role = 'LEAD';
delete from SPRING_SESSION where PRINCIPAL_NAME in (select login from account where role = 'OWNER');
